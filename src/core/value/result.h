// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/value/sentence.h"

#include <tl/expected.hpp>

#include <array>
#include <string_view>
#include <utility>

namespace jolly
{

/// Why something could not be done: what a program may decide on, and what a pilot reads.
struct Failure {
    enum class Code {
        NotThere,    ///< the thing does not exist, or no longer
        NotAllowed,  ///< permissions
        Busy,        ///< somebody else has it, or it is not the moment
        Unreadable,  ///< it is there but is not what it should be
        System,      ///< anything else the system refused
    };

    Code code = Code::System;
    Sentence sentence;  ///< what happened, naming the thing
    Sentence cure;      ///< the one thing to do
    int error = 0;      ///< errno where there was one

    [[nodiscard]] Sentence text() const { return oneAfterOther(sentence, cure); }
};

/// The codes' names where programs talk of them, in the order of Failure::Code.
inline constexpr std::array<std::string_view, 5> kFailureNames = {"NotThere", "NotAllowed", "Busy",
                                                                  "Unreadable", "System"};

static_assert(kFailureNames.size() == static_cast<std::size_t>(Failure::Code::System) + 1);

[[nodiscard]] constexpr std::string_view nameOf(Failure::Code code) noexcept
{
    return kFailureNames[static_cast<std::size_t>(code)];
}

/// The code of that name; System for what is none.
[[nodiscard]] constexpr Failure::Code failureNamed(std::string_view name) noexcept
{
    for (std::size_t i = 0; i < kFailureNames.size(); ++i) {
        if (kFailureNames[i] == name) return static_cast<Failure::Code>(i);
    }
    return Failure::Code::System;
}

template <class T>
using Result = tl::expected<T, Failure>;

using Fallible = Result<void>;

[[nodiscard]] inline tl::unexpected<Failure> fail(Failure::Code code, Sentence sentence,
                                                  Sentence cure, int error = 0)
{
    return tl::unexpected(Failure{code, std::move(sentence), std::move(cure), error});
}

}  // namespace jolly
