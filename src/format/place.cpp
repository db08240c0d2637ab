// SPDX-License-Identifier: GPL-3.0-or-later
#include "format/place.h"

#include <algorithm>
#include <map>
#include <utility>
#include <vector>

namespace jolly::format
{

namespace
{

/// The places that are looked for, as a tree of the steps of their pointers.
struct Wanted {
    std::map<std::string, Wanted, std::less<>> below;
    std::size_t at = 0;  ///< byte of the value, or of the last of its parents that is there

    Wanted& along(std::string_view pointer)
    {
        auto* node = this;
        while (!pointer.empty()) {
            const auto end = std::min(pointer.find('/', 1), pointer.size());
            node = &node->below[std::string(pointer.substr(1, end - 1))];
            pointer.remove_prefix(end);
        }
        return *node;
    }

    void setAll(std::size_t byte)
    {
        at = byte;
        for (auto& [step, node] : below) node.setAll(byte);
    }
};

/// Walks once through well-formed JSON and notes where the wanted values are.
class Walker
{
 public:
    explicit Walker(std::string_view json) : m_json(json) { skipSpace(); }

    void walk(Wanted& wanted)
    {
        wanted.setAll(m_at);
        const char open = here();
        if (wanted.below.empty() || (open != '{' && open != '[')) return skipValue();
        ++m_at;
        skipSpace();
        for (std::size_t i = 0; m_at < m_json.size() && here() != '}' && here() != ']'; ++i) {
            const auto found =
                wanted.below.find(open == '{' ? std::string(skipText()) : std::to_string(i));
            if (found == wanted.below.end()) {
                skipValue();
            } else {
                walk(found->second);
            }
        }
        ++m_at;
        skipSpace();
    }

 private:
    [[nodiscard]] char here() const { return m_at < m_json.size() ? m_json[m_at] : '\0'; }

    void skipSpace()
    {
        while (m_at < m_json.size() &&
               std::string_view(" \t\r\n,:").find(m_json[m_at]) != std::string_view::npos)
            ++m_at;
    }

    std::string_view skipText()
    {
        const auto start = ++m_at;
        while (m_at < m_json.size() && m_json[m_at] != '"') m_at += m_json[m_at] == '\\' ? 2 : 1;
        const auto text = m_json.substr(start, std::min(m_at, m_json.size()) - start);
        ++m_at;
        skipSpace();
        return text;
    }

    void skipValue()
    {
        if (here() == '"') {
            skipText();
            return;
        }
        int depth = 0;
        do {
            const char c = here();
            if (c == '"') {
                skipText();
                continue;
            }
            if (c == '{' || c == '[') ++depth;
            if (c == '}' || c == ']') --depth;
            ++m_at;
        } while (
            m_at < m_json.size() &&
            (depth > 0 || std::string_view(",]} \t\r\n").find(here()) == std::string_view::npos));
        skipSpace();
    }

    std::string_view m_json;
    std::size_t m_at = 0;
};

/// Goes on over a piece of text.
void advance(Place& place, std::string_view text)
{
    for (const char c : text) {
        if (c == '\n') {
            ++place.line;
            place.column = 1;
        } else if ((static_cast<unsigned char>(c) & 0xc0U) != 0x80U) {
            ++place.column;
        }
    }
}

}  // namespace

Place placeAt(std::string_view text, std::size_t offset)
{
    Place place;
    advance(place, text.substr(0, std::min(offset, text.size())));
    return place;
}

Place placeOf(std::string_view json, std::string_view pointer)
{
    Wanted all;
    const auto& wanted = all.along(pointer);
    Walker(json).walk(all);
    return placeAt(json, wanted.at);
}

void addPlaces(Problems& problems, std::string_view json)
{
    Wanted all;
    std::vector<std::pair<Problem*, const Wanted*>> placed;
    for (auto& problem : problems) {
        if (problem.line == 0) placed.emplace_back(&problem, &all.along(problem.path));
    }
    Walker(json).walk(all);
    std::ranges::sort(placed, {}, [](const auto& each) { return each.second->at; });
    Place place;
    std::size_t at = 0;
    for (auto& [problem, wanted] : placed) {
        const auto end = std::min(wanted->at, json.size());
        advance(place, json.substr(at, end - at));
        at = end;
        problem->line = place.line;
        problem->column = place.column;
    }
}

std::string toText(const Problem& problem, std::string_view file)
{
    std::string text(file);
    if (problem.line > 0)
        text += ":" + std::to_string(problem.line) + ":" + std::to_string(problem.column);
    text += problem.severity == Severity::Warning ? ": note: " : ": ";
    if (!problem.path.empty()) text += problem.path + ": ";
    text += oneAfterOther(problem.sentence, problem.cure).english();
    std::ranges::replace(text, '\n', ' ');  // one line each, whatever names hold
    return text;
}

Sentence toWords(const Problem& problem)
{
    const auto text = oneAfterOther(problem.sentence, problem.cure);
    return problem.line > 0 ? say("Line %1: %2", problem.line, text) : text;
}

}  // namespace jolly::format
