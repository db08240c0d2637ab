// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <tl/expected.hpp>

#include <string>
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
    std::string sentence;  ///< what happened, naming the thing
    std::string cure;      ///< the one thing to do
    int error = 0;         ///< errno where there was one

    [[nodiscard]] std::string text() const
    {
        return cure.empty() ? sentence : sentence + " " + cure;
    }
};

template <class T>
using Result = tl::expected<T, Failure>;

using Fallible = Result<void>;

[[nodiscard]] inline tl::unexpected<Failure> fail(Failure::Code code, std::string sentence,
                                                  std::string cure, int error = 0)
{
    return tl::unexpected(Failure{code, std::move(sentence), std::move(cure), error});
}

}  // namespace jolly
