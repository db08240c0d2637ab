// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/tangle/problem.h"
#include "core/tangle/told.h"

#include <cstdint>
#include <cstdio>
#include <cstdlib>
#include <string_view>

/// What the fuzz targets share.
namespace jolly::fuzz
{

/// Ends the program, so that libFuzzer keeps the input, when something promised is not so.
inline void expect(bool isSo, const char* what)
{
    if (isSo) return;
    std::fprintf(stderr, "Not so: %s\n", what);
    std::abort();
}

/// What holds of the problems with any file.
inline void expectReadable(const Problems& problems, bool isRefused)
{
    expect(problems.size() <= kMostTold + 1, "a hundred problems at most, and a count");
    expect(!isRefused || !problems.empty(), "a refusal is explained");
    for (const auto& problem : problems) {
        expect(!problem.sentence.empty(), "each has a sentence");
        expect(problem.sentence.english().size() <= kLongestSentence, "of a length to be read");
        expect(problem.line > 0 && problem.column > 0, "each has a place");
    }
}

[[nodiscard]] inline std::string_view textOf(const std::uint8_t* data, std::size_t size)
{
    return {reinterpret_cast<const char*>(data), size};
}

/// Reads a text; what could be read is written, read again and has to be the same.
/// @return what was read.
template <class Read, class Write, class Part>
auto readTwice(std::string_view text, Read&& read, Write&& write, Part part)
{
    auto first = read(text);
    expectReadable(first.problems, !first.isReadable);
    if (!first.isReadable) return first;
    const auto again = read(write(first.*part));
    expect(again.isReadable && again.*part == first.*part, "what is written is read alike");
    return first;
}

}  // namespace jolly::fuzz
