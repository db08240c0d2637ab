// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/value/sentence.h"

#include <algorithm>
#include <cstdint>
#include <string>
#include <vector>

namespace jolly
{

enum class Severity : std::uint8_t { Error, Warning };

/// Something a pilot should know about a tangle or the world, with its place and its cure.
struct Problem {
    Severity severity = Severity::Error;
    std::string
        path{};  ///< JSON pointer into the tangle, such as "/strands/3/ends/0"; may be empty
    Sentence sentence{};    ///< what is wrong, naming the thing
    Sentence cure{};        ///< the one thing to do
    int line = 0;           ///< in the file, from 1; 0 when it has no place in a file
    int column = 0;         ///< in the line, from 1
    Sentence meaning{};     ///< what it means for the flight; empty where the sentence says it
    std::string remedy{};   ///< what remedies.h does about it at one click; may be empty
    std::string command{};  ///< what to run in a terminal instead; may be empty

    friend bool operator==(const Problem&, const Problem&) = default;
};

using Problems = std::vector<Problem>;

/// Where problems with the making of virtual devices are told, and what a person with an
/// administrator's password runs about them.
inline constexpr const char* kUinputPath = "/system/uinput";
inline constexpr const char* kPermitCommand = "sudo tangle permit";

[[nodiscard]] inline bool hasErrors(const Problems& problems)
{
    return std::ranges::any_of(problems,
                               [](const Problem& p) { return p.severity == Severity::Error; });
}

}  // namespace jolly
