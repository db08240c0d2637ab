// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/shaping/lead_in.h"

#include "core/value/percent.h"

namespace jolly
{

std::string LeadIn::summary() const
{
    return "begins at " + percent(start);
}

}  // namespace jolly
