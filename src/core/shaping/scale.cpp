// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/shaping/scale.h"

#include "core/value/percent.h"

namespace jolly
{

std::string Scale::complaint() const
{
    if (gain != 0.0) return {};
    return "\"gain\" 0 lets nothing of the axis through; give it another gain, or switch the "
           "strand "
           "off";
}

std::string Scale::summary() const
{
    return percent(gain) + " of the move" +
           (offset == 0.0 ? std::string() : ", shifted by " + percent(offset));
}

}  // namespace jolly
