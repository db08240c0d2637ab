// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/value/sentence.h"

#include <ostream>

namespace jolly
{

namespace
{

/// As it stands in the source.
class English : public Language
{
 public:
    std::string textOf(std::string_view english) const override { return std::string(english); }

    std::string textOf(std::string_view one, std::string_view many,
                       std::int64_t count) const override
    {
        std::string text(count == 1 ? one : many);
        const auto number = std::to_string(count);
        for (auto at = text.find("%n"); at != std::string::npos; at = text.find("%n", at))
            text.replace(at, 2, number);
        return text;
    }

    std::string numberOf(const std::string& number) const override { return number; }

    std::string capitalOf(std::string text) const override
    {
        if (!text.empty() && text[0] >= 'a' && text[0] <= 'z')
            text[0] = static_cast<char>(text[0] - 'a' + 'A');
        return text;
    }
};

}  // namespace

const Language& inEnglish() noexcept
{
    static const English kEnglish;
    return kEnglish;
}

Sentence::Sentence(Words text) : m_parts{.text = std::string(text.english()), .kind = Kind::Text} {}

Sentence Sentence::number(std::string digits)
{
    return Sentence(Parts{.text = std::move(digits), .kind = Kind::Number});
}

Sentence Sentence::ourWord(std::string_view word)
{
    return Sentence(Parts{.text = std::string(word), .kind = Kind::Text});
}

Sentence Sentence::withShortNames(std::size_t most) const
{
    auto copy = m_parts;
    if (copy.kind == Kind::Name) copy.text = shortened(std::move(copy.text), most);
    for (auto& place : copy.places) place = place.withShortNames(most);
    return Sentence(std::move(copy));
}

Sentence Sentence::withCapital() const
{
    auto copy = m_parts;
    copy.hasCapital = true;
    return Sentence(std::move(copy));
}

Sentence filled(std::string_view text, std::vector<Sentence> places)
{
    return counted(text, {}, 0, std::move(places));
}

Sentence counted(std::string_view one, std::string_view many, std::int64_t count,
                 std::vector<Sentence> places)
{
    return Sentence(Sentence::Parts{.text = std::string(one),
                                    .many = std::string(many),
                                    .places = std::move(places),
                                    .count = count,
                                    .kind = Sentence::Kind::Text});
}

std::string Sentence::in(const Language& language) const
{
    return m_parts.hasCapital ? language.capitalOf(said(language)) : said(language);
}

std::string Sentence::said(const Language& language) const
{
    if (m_parts.kind == Kind::Name) return m_parts.text;
    if (m_parts.kind == Kind::Number) return language.numberOf(m_parts.text);
    const auto& places = m_parts.places;
    const auto text = m_parts.many.empty()
                          ? language.textOf(m_parts.text)
                          : language.textOf(m_parts.text, m_parts.many, m_parts.count);
    std::string filled;
    for (std::size_t i = 0; i < text.size(); ++i) {
        const auto place = text[i] == '%' && i + 1 < text.size()
                               ? static_cast<std::size_t>(text[i + 1] - '1')
                               : places.size();
        if (place < places.size()) {
            filled += places[place].in(language);
            ++i;
        } else {
            filled += text[i];
        }
    }
    return filled;
}

std::string Sentence::english() const
{
    return in(inEnglish());
}

std::ostream& operator<<(std::ostream& out, const Sentence& sentence)
{
    return out << sentence.english();
}

std::string shortened(std::string text, std::size_t most)
{
    constexpr std::string_view kMore = "...";
    if (text.size() <= most) return text;
    auto end = most - kMore.size();
    while (end > 0 && (static_cast<unsigned char>(text[end]) & 0xc0U) == 0x80U) --end;
    text.resize(end);
    return text.append(kMore);
}

Sentence oneAfterOther(const Sentence& first, const Sentence& second)
{
    if (first.empty()) return second;
    return second.empty() ? first : say("%1 %2", first, second);
}

Sentence oneAfterOther(const std::vector<Sentence>& sentences)
{
    Sentence all;
    for (const auto& next : sentences) all = oneAfterOther(all, next);
    return all;
}

Sentence inARow(const std::vector<Sentence>& sentences)
{
    Sentence row;
    for (const auto& next : sentences) row = row.empty() ? next : say("%1, %2", row, next);
    return row;
}

}  // namespace jolly
