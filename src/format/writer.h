// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "format/fields.h"
#include "format/json.h"

#include <optional>
#include <string>
#include <string_view>
#include <vector>

namespace jolly::format
{

/// Writes one object of the file: a visitor of the descriptions in fields.h. Optional texts and
/// lists are left out when empty.
class Writer
{
 public:
    explicit Writer(Json& object) : m_object(object) {}

    static bool wants(bool condition) { return condition; }

    template <class T>
    void field(std::string_view key, T& value, const Rule& rule)
    {
        if constexpr (requires { value.empty(); }) {
            if (value.empty() && !rule.isRequired) return;
        }
        if constexpr (requires { value.has_value(); }) {
            if (!value.has_value()) return;
        }
        m_object[std::string(key)] = write(value);
    }

    void extra(const Extra& extra)
    {
        for (const auto& [key, text] : extra) m_object[key] = Json::parse(text);
    }

 private:
    static Json write(std::string& value) { return value; }
    static Json write(ControlCode value) { return toText(value); }
    static Json write(VirtualControl value) { return toText(value); }
    static Json write(CurvePoint& value) { return Json::array({value.in, value.out}); }
    static Json write(Cells& c) { return Json::array({c.left, c.top, c.width, c.height}); }
    static Json write(Stage& stage);

    template <class T>
    static Json write(std::optional<T>& value)
    {
        return write(*value);
    }

    template <class T>
    requires std::is_arithmetic_v<T>
    static Json write(T value) { return value; }

    template <class Enum>
    requires std::is_enum_v<Enum>
    static Json write(Enum value) { return format::nameOf(value); }

    template <class T>
    static Json write(std::vector<T>& list)
    {
        auto json = Json::array();
        for (auto& item : list) json.push_back(write(item));
        return json;
    }

    template <class T>
    requires std::is_class_v<T>
    static Json write(T& value)
    {
        auto json = Json::object();
        Writer writer(json);
        describe(writer, value);
        if constexpr (requires { value.extra; }) writer.extra(value.extra);
        return json;
    }

    Json& m_object;
};

inline Json Writer::write(Stage& stage)
{
    auto json = Json::object();
    Writer writer(json);
    std::visit(
        [&](auto parameters) {
            json["stage"] = parameters.kInfo.name.english();
            parameters.fields(parameters, [&](const auto& spec, auto& value) {
                writer.field(spec.key, value, required(spec.label.english()));
            });
        },
        stage.parameters);
    json["on"] = stage.isOn;
    writer.field("when", stage.when, optional("When it works."));
    writer.extra(stage.extra);
    return json;
}

/// A whole file: its kind with the version of the format, then the fields of `value`.
template <class T>
[[nodiscard]] std::string writeFile(const char* kind, T value)
{
    auto json = Json::object();
    json[kind] = versionOf(kind);
    Writer writer(json);
    describe(writer, value);
    writer.extra(value.extra);
    return json.dump(2) + "\n";
}

}  // namespace jolly::format
