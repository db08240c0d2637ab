// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "format/names.h"

#include <string_view>

namespace jolly::format
{

inline constexpr int kTangleVersion = 3;  ///< see upgrade.h
inline constexpr int kOtherVersion = 1;   ///< of faceplates and sim sheets

/// The version of a kind of file that is written, and the newest that is read.
[[nodiscard]] constexpr int versionOf(std::string_view kind)
{
    return kind == "tangle" ? kTangleVersion : kOtherVersion;
}

/// What a visitor must know of a field besides its type.
struct Rule {
    std::string_view doc;     ///< one sentence for the schema
    bool isRequired = false;  ///< else it may be missing, and is left out when empty
    double low = -2147483648.0;
    double high = 2147483647.0;
};

inline constexpr Rule required(std::string_view doc)
{
    return {doc, true};
}
inline constexpr Rule optional(std::string_view doc)
{
    return {doc, false};
}
inline constexpr Rule counted(std::string_view doc, double low, double high)
{
    return {doc, true, low, high};
}

}  // namespace jolly::format
