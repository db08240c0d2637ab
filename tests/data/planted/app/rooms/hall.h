// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/garden/gate.h"

inline void redecorate(Studio& studio)
{
    studio.document().edit("colour", [](Tangle& tangle) { tangle.name = "blue"; });
}
