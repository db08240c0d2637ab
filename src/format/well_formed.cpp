// SPDX-License-Identifier: GPL-3.0-or-later
#include "format/well_formed.h"

#include "core/tangle/told.h"
#include "format/place.h"

#include <nlohmann/json.hpp>

#include <set>

namespace jolly::format
{

namespace
{

using nlohmann::json;

constexpr std::size_t kDeepest = 64;

/// Keeps the path while the parser goes through the text.
class Watcher : public nlohmann::json_sax<json>
{
 public:
    explicit Watcher(std::string_view text) : m_text(text) {}

    Problems problems;

    bool null() override { return value(); }
    bool boolean(bool) override { return value(); }
    bool number_integer(number_integer_t) override { return value(); }
    bool number_unsigned(number_unsigned_t) override { return value(); }
    bool number_float(number_float_t, const string_t&) override { return value(); }
    bool string(string_t&) override { return value(); }
    bool binary(binary_t&) override { return value(); }
    bool start_object(std::size_t) override { return open(); }
    bool start_array(std::size_t) override { return open(); }
    bool end_object() override { return close(); }
    bool end_array() override { return close(); }

    bool key(string_t& name) override
    {
        auto& level = m_levels.back();
        level.step = name;
        if (level.names.insert(name).second) return true;
        problems.push_back({Severity::Error, path(),
                            say("The name \"%1\" stands twice here.", shortened(name, 80)),
                            words("Take one of the two out; only one could be kept.")});
        return true;
    }

    bool parse_error(std::size_t position, const std::string&,
                     const nlohmann::detail::exception& e) override
    {
        const auto place = placeAt(m_text, position == 0 ? 0 : position - 1);
        problems.push_back({Severity::Error, "", sentenceFor(position, e),
                            words("Mend it there; the file was left alone."), place.line,
                            place.column});
        return false;
    }

 private:
    struct Level {
        std::string step;
        std::size_t index = 0;
        std::set<std::string> names;
    };

    bool value()
    {
        if (!m_levels.empty()) m_levels.back().step = std::to_string(++m_levels.back().index);
        return true;
    }

    bool open()
    {
        if (!m_levels.empty() && m_levels.back().names.empty()) {
            m_levels.back().step = std::to_string(m_levels.back().index++);
        }
        m_levels.emplace_back();
        if (m_levels.size() <= kDeepest) return true;
        problems.push_back({Severity::Error, "",
                            say("This is nested %1 deep, which no tangle is.", kDeepest),
                            words("Choose another file; this one was left alone."), 1, 1});
        return false;
    }

    bool close()
    {
        m_levels.pop_back();
        return true;
    }

    [[nodiscard]] std::string path() const
    {
        std::string text;
        for (const auto& level : m_levels) text += "/" + level.step;
        return text;
    }

    [[nodiscard]] Sentence sentenceFor(std::size_t position,
                                       const nlohmann::detail::exception& e) const
    {
        const auto around = m_text.substr(position > 12 ? position - 12 : 0, 24);
        for (const std::string_view word : {"NaN", "nan", "Infinity", "inf"}) {
            if (around.find(word) == std::string_view::npos) continue;
            return say("\"%1\" is no number that a tangle can hold.", word);
        }
        if (e.id == 406) return words("The number here is too large to be held.");
        if (position > m_text.size())
            return words("The file ends in the middle: something is missing at its end.");
        const std::string what = e.what();
        const auto reason = what.rfind(" - ");
        return say("This is not JSON: %1.",
                   reason == std::string::npos ? what : what.substr(reason + 3));
    }

    std::string_view m_text;
    std::vector<Level> m_levels;
};

}  // namespace

Problems findJsonProblems(std::string_view text)
{
    Watcher watcher(text);
    json::sax_parse(text.begin(), text.end(), &watcher);
    auto problems = told(std::move(watcher.problems));
    addPlaces(problems, text);
    return problems;
}

}  // namespace jolly::format
