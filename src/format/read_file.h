// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/tangle/told.h"
#include "format/place.h"
#include "format/reader.h"
#include "format/version.h"

#include <string>
#include <string_view>

namespace jolly::format
{

/// Reads a whole file of ours: JSON, its kind and version, then the fields of `value`, whose
/// describe() must be known where this is used.
///
/// @param kind      the key that holds the version, which is the name of the kind: "tangle".
/// @param problems  gets everything there is to say; see tell().
/// @param finish    called as finish(value, problems) when the fields were read, to complete the
///                  value and to say what else is wrong with it.
/// @return whether the value is whole; else the file must be left alone.
template <class T, class Finish>
[[nodiscard]] bool readFile(std::string_view text, const std::string& kind, T& value,
                            Problems& problems, Finish&& finish)
{
    problems = findTextProblems(text);
    if (!problems.empty()) return false;
    const auto json = Json::parse(text);
    problems = findVersionProblems(json, kind);
    if (problems.empty()) {
        Reader reader(json, "", problems);
        static_cast<void>(reader.find(kind));
        describe(reader, value);
        value.extra = reader.rest();
        finish(value, problems);
    }
    return !hasErrors(problems);
}

/// Makes problems ready for a reader: as many as anybody reads, each with line and column.
inline void tell(Problems& problems, std::string_view text)
{
    problems = told(std::move(problems));
    addPlaces(problems, text);
}

inline void append(Problems& problems, Problems&& more)
{
    for (auto& problem : more) problems.push_back(std::move(problem));
}

}  // namespace jolly::format
