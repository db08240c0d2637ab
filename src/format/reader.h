// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/tangle/problem.h"
#include "format/fields.h"
#include "format/json.h"

#include <cstdint>
#include <optional>
#include <set>
#include <string>
#include <string_view>
#include <vector>

namespace jolly::format
{

/// No list of ours is longer, unless its rule says less with `high`, and no text.
inline constexpr std::size_t kMostItems = 20'000;
inline constexpr std::size_t kMostCharacters = 4'000;  ///< in bytes

/// Reads one object of the file: a visitor of the descriptions in fields.h. Whatever does not fit
/// becomes a problem and leaves the default in place; fields nobody asked for are kept as extra.
class Reader
{
 public:
    Reader(const Json& object, std::string path, Problems& problems)
        : m_object(object), m_path(std::move(path)), m_problems(problems)
    {
    }

    static bool wants(bool condition) { return condition; }

    template <class T>
    void field(std::string_view key, T& value, const Rule& rule)
    {
        const auto* found = find(key);
        if (found) {
            read(*found, m_path + "/" + std::string(key), value, rule);
        } else if (rule.isRequired) {
            error(m_path, say("Here \"%1\" is missing.", key), say("Add it: %1", rule.doc));
        }
    }

    /// Notes a field as known without reading it.
    [[nodiscard]] const Json* find(std::string_view key);

    /// All fields that were not asked for, each also named by a warning.
    [[nodiscard]] Extra rest();

    void error(const std::string& path, Sentence sentence, Sentence cure);

    /// "a number", "a list" and so on.
    [[nodiscard]] static Words kindOf(const Json& value);

 private:
    void mismatch(const Json& value, const std::string& path, const Sentence& expected);
    [[nodiscard]] bool isTooLong(const Json& list, const std::string& path, const Rule& rule);

    void read(const Json& json, const std::string& path, std::string& value, const Rule& rule);
    void read(const Json& json, const std::string& path, bool& value, const Rule& rule);
    void read(const Json& json, const std::string& path, double& value, const Rule& rule);
    void read(const Json& json, const std::string& path, std::uint16_t& value, const Rule& rule);
    void read(const Json& json, const std::string& path, std::int32_t& value, const Rule& rule);
    void read(const Json& json, const std::string& path, ControlCode& value, const Rule& rule);
    void read(const Json& json, const std::string& path, VirtualControl& value, const Rule& rule);
    void read(const Json& json, const std::string& path, Stage& value, const Rule& rule);
    void read(const Json& json, const std::string& path, CurvePoint& value, const Rule& rule);
    void read(const Json& json, const std::string& path, Cells& value, const Rule& rule);
    bool readWhole(const Json& json, const std::string& path, const Rule& rule,
                   std::int64_t& value);
    void readParameters(Stage& stage);

    template <class Enum>
    requires std::is_enum_v<Enum>
    void read(const Json& json, const std::string& path, Enum& value, const Rule&)
    {
        const auto found = json.is_string()
                               ? format::valueOf<Enum>(json.get_ref<const std::string&>())
                               : std::nullopt;
        if (found) {
            value = *found;
        } else {
            std::vector<Sentence> choices;
            for (const auto& [name, row] : Names<Enum>::rows)
                choices.push_back(say("\"%1\"", name));
            mismatch(json, path, say("one of %1", inARow(choices)));
        }
    }

    template <class T>
    void read(const Json& json, const std::string& path, std::optional<T>& value, const Rule& rule)
    {
        read(json, path, value.emplace(), rule);
    }

    template <class T>
    void read(const Json& json, const std::string& path, std::vector<T>& list, const Rule& rule)
    {
        if (!json.is_array()) {
            mismatch(json, path, words("a list in [ ]"));
            return;
        }
        list.clear();
        if (isTooLong(json, path, rule)) return;
        for (std::size_t i = 0; i < json.size(); ++i) {
            read(json[i], path + "/" + std::to_string(i), list.emplace_back(), rule);
        }
    }

    template <class T>
    requires std::is_class_v<T>
    void read(const Json& json, const std::string& path, T& value, const Rule&)
    {
        if (!json.is_object()) {
            mismatch(json, path, words("an object in { }"));
            return;
        }
        Reader reader(json, path, m_problems);
        describe(reader, value);
        auto extra = reader.rest();
        if constexpr (requires { value.extra; }) value.extra = std::move(extra);
    }

    const Json& m_object;
    std::string m_path;
    Problems& m_problems;
    std::set<std::string_view> m_known;
};

}  // namespace jolly::format
