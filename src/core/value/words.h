// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <algorithm>
#include <string>
#include <string_view>

/// Texts as they stand in the source: what sentences are made of.
namespace jolly
{

/// A text of the source that nothing is put into: for tables and constants.
class Words
{
 public:
    constexpr Words() noexcept = default;
    consteval explicit Words(const char* english) noexcept : m_english(english) {}

    [[nodiscard]] constexpr std::string_view english() const noexcept { return m_english; }
    [[nodiscard]] constexpr bool empty() const noexcept { return m_english.empty(); }

    explicit operator std::string() const { return std::string(m_english); }

    friend constexpr bool operator==(Words, Words) = default;
    friend constexpr bool operator==(Words words, std::string_view english) noexcept
    {
        return words.m_english == english;
    }

 private:
    std::string_view m_english{};
};

[[nodiscard]] consteval Words words(const char* english) noexcept
{
    return Words(english);
}

/// The highest place in a text: 2 for "%2 of %1".
[[nodiscard]] consteval std::size_t placesIn(std::string_view text)
{
    std::size_t most = 0;
    for (std::size_t i = 0; i + 1 < text.size(); ++i) {
        const char digit = text[i + 1];
        if (text[i] == '%' && digit >= '1' && digit <= '9')
            most = std::max<std::size_t>(most, static_cast<std::size_t>(digit - '0'));
    }
    return most;
}

/// A text of the source with as many places as there is to put into it; else it does not compile.
template <std::size_t Places>
class PlacedText
{
 public:
    consteval PlacedText(const char* text) : m_text(text)  // NOLINT: so that literals can be given
    {
        if (placesIn(m_text) != Places) throw "another number of places than of words";
    }
    [[nodiscard]] constexpr std::string_view text() const noexcept { return m_text; }

 private:
    std::string_view m_text;
};

}  // namespace jolly
