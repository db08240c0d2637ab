// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/digital/set.h"

#include "core/value/percent.h"

namespace jolly
{

Sentence SetValue::summary() const
{
    return say("%1 while pressed", percent(to));
}

}  // namespace jolly
