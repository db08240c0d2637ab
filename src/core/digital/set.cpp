// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/digital/set.h"

#include "core/value/percent.h"

namespace jolly
{

std::string SetValue::summary() const
{
    return percent(to) + " while pressed";
}

}  // namespace jolly
