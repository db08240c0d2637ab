// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/value/sentence.h"

#include <QString>
#include <string>
#include <string_view>

namespace jolly::app
{

/// A name or other text of the core for Qt, as it is.
[[nodiscard]] inline QString toQt(std::string_view text)
{
    return QString::fromUtf8(text.data(), static_cast<qsizetype>(text.size()));
}

[[nodiscard]] inline QString toQt(const std::string& text)
{
    return toQt(std::string_view(text));
}

[[nodiscard]] inline QString toQt(const char* text)
{
    return toQt(std::string_view(text));
}

/// What the core says, in the window's language.
[[nodiscard]] QString toQt(const Sentence& sentence);

[[nodiscard]] inline QString toQt(Words words)
{
    return toQt(Sentence(words));
}

}  // namespace jolly::app
