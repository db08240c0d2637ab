// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/value/words.h"

#include <concepts>
#include <cstdint>
#include <iosfwd>
#include <string>
#include <string_view>
#include <utility>
#include <vector>

/// What a pilot reads is data, so that it can be said in any language: the English text as it
/// stands in the source, and what is put into it. `say()`, `several()` and `words()` take nothing
/// but texts of the source; tools/languages collects them by these names.
namespace jolly
{

class Sentence;

/// How texts and numbers are said in a language.
class Language
{
 public:
    virtual ~Language() = default;

    /// A text of the source, with its places "%1", "%2" … as they may stand.
    [[nodiscard]] virtual std::string textOf(std::string_view english) const = 0;
    /// One about `count` things, chosen by that number, "%n" in it.
    [[nodiscard]] virtual std::string textOf(std::string_view one, std::string_view many,
                                             std::int64_t count) const = 0;
    /// A number, given with a decimal point.
    [[nodiscard]] virtual std::string numberOf(const std::string& number) const = 0;
    /// A text with a capital letter at its beginning.
    [[nodiscard]] virtual std::string capitalOf(std::string text) const = 0;
};

/// The language of the source.
[[nodiscard]] const Language& inEnglish() noexcept;

/// What a pilot reads: a text of the source with what fills its places; a name, which is the same
/// in every language; or a number.
class Sentence
{
 public:
    enum class Kind : std::uint8_t { Name, Text, Number };

    /// What it is made of, for those who store it or send it elsewhere.
    struct Parts {
        std::string text{};              ///< as it stands in the source; a name; digits
        std::string many{};              ///< of a text about several things
        std::vector<Sentence> places{};  ///< "%1" is the first
        std::int64_t count = 0;
        Kind kind = Kind::Name;
        bool hasCapital = false;  ///< at its beginning, whatever the text has

        friend bool operator==(const Parts&, const Parts&) = default;
    };

    Sentence() = default;
    explicit Sentence(Parts parts) : m_parts(std::move(parts)) {}
    Sentence(Words text);                                                    // NOLINT: it is one
    Sentence(std::string name) : m_parts{.text = std::move(name)} {}         // NOLINT: so is a name
    Sentence(std::string_view name) : m_parts{.text = std::string(name)} {}  // NOLINT

    template <std::integral Number>
    requires(!std::same_as<Number, bool> && !std::same_as<Number, char>) Sentence(Number value)
        : Sentence(number(std::to_string(value)))  // NOLINT
    {
    }
    /// A number as it is written with a decimal point.
    [[nodiscard]] static Sentence number(std::string digits);

    /// One of our own words where it is one, such as an outlet's "short"; else a name.
    [[nodiscard]] static Sentence ourWord(std::string_view word);

    /// With no name longer than `most` bytes in it, see shortened().
    [[nodiscard]] Sentence withShortNames(std::size_t most) const;

    /// The same with a capital letter at its beginning.
    [[nodiscard]] Sentence withCapital() const;

    [[nodiscard]] const Parts& parts() const noexcept { return m_parts; }
    [[nodiscard]] bool empty() const noexcept { return m_parts.text.empty(); }
    [[nodiscard]] std::string in(const Language& language) const;
    [[nodiscard]] std::string english() const;
    explicit operator std::string() const { return english(); }

    friend bool operator==(const Sentence&, const Sentence&) = default;
    friend bool operator==(const Sentence& one, std::string_view english)
    {
        return one.english() == english;
    }

 private:
    [[nodiscard]] std::string said(const Language& language) const;

    Parts m_parts{};
};

std::ostream& operator<<(std::ostream& out, const Sentence& sentence);

[[nodiscard]] Sentence filled(std::string_view text, std::vector<Sentence> places);
[[nodiscard]] Sentence counted(std::string_view one, std::string_view many, std::int64_t count,
                               std::vector<Sentence> places);

/// "%1 of %2" with its places filled.
template <class... Fill>
[[nodiscard]] Sentence say(PlacedText<sizeof...(Fill)> text, Fill&&... fill)
{
    return filled(text.text(), {Sentence(std::forward<Fill>(fill))...});
}

/// A text about one thing or several: "one of %n keys" for several. Both have the same places.
template <class... Fill>
[[nodiscard]] Sentence several(PlacedText<sizeof...(Fill)> one, PlacedText<sizeof...(Fill)> many,
                               std::integral auto count, Fill&&... fill)
{
    return counted(one.text(), many.text(), static_cast<std::int64_t>(count),
                   {Sentence(std::forward<Fill>(fill))...});
}

/// A text cut to at most `most` bytes, never within a character; "..." says so.
[[nodiscard]] std::string shortened(std::string text, std::size_t most);

/// One behind the other, with a space between; empty ones are left out.
[[nodiscard]] Sentence oneAfterOther(const Sentence& first, const Sentence& second);
[[nodiscard]] Sentence oneAfterOther(const std::vector<Sentence>& sentences);
/// "a, b, c"; empty where there are none.
[[nodiscard]] Sentence inARow(const std::vector<Sentence>& sentences);

}  // namespace jolly
