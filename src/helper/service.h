// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <csignal>

namespace jolly
{

/// Offers the helper on the system bus until it is told to end, or nobody has needed it for a
/// while; then gives everything back.
///
/// @param signals  blocked signals that end it.
/// @return the program's exit code; 1 when the bus does not let us.
int serve(const sigset_t& signals);

}  // namespace jolly
