// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <string>

namespace jolly
{

/// Shows a notification of the desktop, as the Desktop Notifications Specification has it. Does not
/// wait for an answer. @return false when there is no session bus to say it on.
bool notifyDesktop(const std::string& title, const std::string& words);

}  // namespace jolly
