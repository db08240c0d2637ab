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
/// @param upgrade   called as upgrade(json, version, problems) before the fields are read.
/// @return whether the value is whole; else the file must be left alone.
template <class T, class Finish, class Upgrade>
[[nodiscard]] bool readFile(std::string_view text, const std::string& kind, T& value,
                            Problems& problems, Finish&& finish, Upgrade&& upgrade)
{
    problems = findTextProblems(text);
    if (!problems.empty()) return false;
    auto json = Json::parse(text);
    problems = findVersionProblems(json, kind);
    if (problems.empty()) {
        upgrade(json, json[kind].template get<int>(), problems);
        Reader reader(json, "", problems);
        static_cast<void>(reader.find(kind));
        describe(reader, value);
        value.extra = reader.rest();
        finish(value, problems);
    }
    return !hasErrors(problems);
}

/// Likewise, of a kind that has one version only.
template <class T, class Finish>
[[nodiscard]] bool readFile(std::string_view text, const std::string& kind, T& value,
                            Problems& problems, Finish&& finish)
{
    return readFile(text, kind, value, problems, finish, [](Json&, int, Problems&) {});
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
