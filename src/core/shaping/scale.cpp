// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/shaping/scale.h"

#include "core/value/percent.h"

namespace jolly
{

Sentence Scale::complaint() const
{
    if (gain != 0.0) return {};
    return words(
        "\"gain\" 0 lets nothing of the axis through; give it another gain, or switch the "
        "strand "
        "off");
}

Sentence Scale::summary() const
{
    return offset == 0.0 ? say("%1 of the move", percent(gain))
                         : say("%1 of the move, shifted by %2", percent(gain), percent(offset));
}

}  // namespace jolly
