// SPDX-License-Identifier: GPL-3.0-or-later
#include "format/place.h"

#include <algorithm>
#include <charconv>

namespace jolly::format
{

namespace
{

/// Walks through well-formed JSON, one value at a time.
class Walker
{
 public:
    explicit Walker(std::string_view json) : m_json(json) { skipSpace(); }

    [[nodiscard]] std::size_t at() const { return m_at; }

    /// Goes to the value of `step` inside the object or array here; false and no move without it.
    bool enter(const std::string& step)
    {
        const auto start = m_at;
        if (enterFound(step)) return true;
        m_at = start;
        return false;
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

    bool enterFound(const std::string& step)
    {
        const char open = here();
        if (open != '{' && open != '[') return false;
        ++m_at;
        skipSpace();
        for (int i = 0; m_at < m_json.size() && here() != '}' && here() != ']'; ++i) {
            const bool isHere = open == '{' ? skipText() == step : std::to_string(i) == step;
            if (isHere) return true;
            skipValue();
        }
        return false;
    }

    std::string_view m_json;
    std::size_t m_at = 0;
};

}  // namespace

Place placeAt(std::string_view text, std::size_t offset)
{
    Place place;
    for (const char c : text.substr(0, std::min(offset, text.size()))) {
        if (c == '\n') {
            ++place.line;
            place.column = 1;
        } else if ((static_cast<unsigned char>(c) & 0xc0U) != 0x80U) {
            ++place.column;
        }
    }
    return place;
}

Place placeOf(std::string_view json, std::string_view pointer)
{
    Walker walker(json);
    while (!pointer.empty()) {
        const auto end = std::min(pointer.find('/', 1), pointer.size());
        if (!walker.enter(std::string(pointer.substr(1, end - 1)))) break;
        pointer.remove_prefix(end);
    }
    return placeAt(json, walker.at());
}

void addPlaces(Problems& problems, std::string_view json)
{
    for (auto& problem : problems) {
        if (problem.line > 0) continue;
        const auto place = placeOf(json, problem.path);
        problem.line = place.line;
        problem.column = place.column;
    }
}

std::string toText(const Problem& problem, std::string_view file)
{
    std::string text(file);
    if (problem.line > 0)
        text += ":" + std::to_string(problem.line) + ":" + std::to_string(problem.column);
    text += problem.severity == Severity::Warning ? ": note: " : ": ";
    if (!problem.path.empty()) text += problem.path + ": ";
    return text + problem.sentence + (problem.cure.empty() ? "" : " " + problem.cure);
}

}  // namespace jolly::format
