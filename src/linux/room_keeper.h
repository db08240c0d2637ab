// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "ports/unique_fd.h"

#include <string>
#include <vector>

namespace jolly
{

/// Runs a game as the first process of a room of its own (GameRoom), and stays until the last
/// process of the room has ended: a game is often started by a script that ends before it.
///
/// @param orders  where the numbers of signals are read, one byte each, that all of the room are to
///                get; at its end all of the room is killed.
/// @return the exit code of the game's first process; 128 and the signal that ended it; 127 when it
///         could not be started.
[[nodiscard]] int keepRoom(UniqueFd orders, const std::vector<std::string>& game);

}  // namespace jolly
