// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/tangle/told.h"

#include <iterator>

namespace jolly
{

namespace
{

/// Marks the first `room` problems of a severity. @return how many that were.
std::size_t mark(const Problems& problems, Severity severity, std::size_t room,
                 std::vector<bool>& isKept)
{
    std::size_t kept = 0;
    for (std::size_t i = 0; i < problems.size() && kept < room; ++i) {
        if (problems[i].severity != severity) continue;
        isKept[i] = true;
        ++kept;
    }
    return kept;
}

/// Of a length that is read.
Sentence readable(const Sentence& sentence)
{
    auto text = sentence.english();
    if (text.size() <= kLongestSentence) return sentence;
    auto shorter = sentence.withShortNames(kLongestName);
    text = shorter.english();
    if (text.size() <= kLongestSentence) return shorter;
    return shortened(std::move(text), kLongestSentence);
}

}  // namespace

Problems told(Problems problems)
{
    const auto errors =
        static_cast<std::size_t>(std::ranges::count(problems, Severity::Error, &Problem::severity));
    if (problems.size() > kMostTold) {
        std::vector<bool> isKept(problems.size());
        const auto room = kMostTold - mark(problems, Severity::Error, kMostTold, isKept);
        mark(problems, Severity::Warning, room, isKept);
        const auto left = problems.size() - kMostTold;
        std::size_t place = 0;
        std::erase_if(problems, [&](const Problem&) { return !isKept[place++]; });
        problems.push_back({.severity = errors > kMostTold ? Severity::Error : Severity::Warning,
                            .sentence = several("There is %n more.", "There are %n more.", left),
                            .cure = words("Mend the first ones, then look again.")});
    }
    for (auto& problem : problems) {
        problem.sentence = readable(problem.sentence);
        problem.cure = readable(problem.cure);
        problem.path = shortened(std::move(problem.path), kLongestSentence);
    }
    return problems;
}

}  // namespace jolly
