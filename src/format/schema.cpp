// SPDX-License-Identifier: GPL-3.0-or-later
#include "format/schema.h"

#include "format/faceplate_fields.h"
#include "format/fields.h"

#include <nlohmann/json.hpp>

namespace jolly::format
{

namespace
{

using Ordered = nlohmann::ordered_json;

/// Makes the schema of one object: a visitor of the descriptions in fields.h.
class SchemaMaker
{
 public:
    static bool wants(bool) { return true; }

    template <class T>
    void field(std::string_view key, T& value, const Rule& rule)
    {
        auto schema = make(value, rule);
        schema["description"] = rule.doc;
        m_properties[std::string(key)] = std::move(schema);
        if (rule.isRequired) m_required.push_back(key);
    }

    template <class T>
    static Ordered objectOf()
    {
        SchemaMaker maker;
        T value{};
        describe(maker, value);
        return maker.finish();
    }

    [[nodiscard]] Ordered finish() const
    {
        Ordered schema{{"type", "object"}, {"properties", m_properties}};
        if (!m_required.empty()) schema["required"] = m_required;
        return schema;
    }

    void constant(const std::string& key, std::string_view value)
    {
        m_properties[key] = {{"const", value}};
        m_required.push_back(key);
    }

    void add(const std::string& key, Ordered schema) { m_properties[key] = std::move(schema); }

 private:
    static Ordered make(std::string&, const Rule&) { return {{"type", "string"}}; }
    static Ordered make(bool&, const Rule&) { return {{"type", "boolean"}}; }
    static Ordered make(double&, const Rule& r)
    {
        return {{"type", "number"}, {"minimum", r.low}, {"maximum", r.high}};
    }
    static Ordered make(std::uint16_t&, const Rule& r) { return whole(r); }
    static Ordered make(std::int32_t&, const Rule& r) { return whole(r); }
    static Ordered make(ControlCode&, const Rule&)
    {
        return pattern("^(ABS|REL|BTN|KEY)_[A-Za-z0-9_]+(@[0-9]+)?$");
    }
    static Ordered make(VirtualControl&, const Rule&)
    {
        return pattern("^(axis|button|hat|turner) [1-9][0-9]*$");
    }
    static Ordered make(Stage&, const Rule&) { return {{"$ref", "#/definitions/stage"}}; }

    static Ordered make(CurvePoint&, const Rule&)
    {
        const Ordered number{{"type", "number"}, {"minimum", -1}, {"maximum", 1}};
        return {{"type", "array"}, {"items", number}, {"minItems", 2}, {"maxItems", 2}};
    }

    static Ordered make(Cells&, const Rule&)
    {
        const Ordered cell{{"type", "integer"}, {"minimum", 0}, {"maximum", Cells::kRows}};
        return {{"type", "array"}, {"items", cell}, {"minItems", 4}, {"maxItems", 4}};
    }

    template <class T>
    static Ordered make(std::optional<T>& value, const Rule& rule)
    {
        return make(value.emplace(), rule);
    }

    template <class Enum>
    requires std::is_enum_v<Enum>
    static Ordered make(Enum&, const Rule&)
    {
        auto names = Ordered::array();
        for (const auto& row : Names<Enum>::rows) names.push_back(row.first);
        return {{"enum", names}};
    }

    template <class T>
    static Ordered make(std::vector<T>&, const Rule& rule)
    {
        T item{};
        return {{"type", "array"}, {"items", make(item, rule)}};
    }

    template <class T>
    requires std::is_class_v<T>
    static Ordered make(T&, const Rule&) { return objectOf<T>(); }

    static Ordered pattern(const char* expression)
    {
        return {{"type", "string"}, {"pattern", expression}};
    }
    static Ordered whole(const Rule& r)
    {
        return {{"type", "integer"},
                {"minimum", static_cast<std::int64_t>(r.low)},
                {"maximum", static_cast<std::int64_t>(r.high)}};
    }

    Ordered m_properties = Ordered::object();
    Ordered m_required = Ordered::array();
};

/// A stage of any kind: described once, since it stands in several places.
Ordered stageSchema()
{
    auto kinds = Ordered::array();
    StageList::forEach([&](auto kind) {
        SchemaMaker maker;
        maker.constant("stage", kind.kInfo.name.english());
        kind.fields(kind, [&](const auto& spec, auto& value) {
            Rule rule{spec.label.english(), false};
            if constexpr (requires { spec.low; })
                rule = {spec.label.english(), false, spec.low, spec.high};
            maker.field(spec.key, value, rule);
        });
        maker.add("on",
                  {{"type", "boolean"}, {"description", "Whether the stage is switched on."}});
        std::optional<When> when;
        maker.field("when", when, optional("When it works; else it lets its input through."));
        auto schema = maker.finish();
        schema["description"] = kind.kInfo.sentence.english();
        kinds.push_back(std::move(schema));
    });
    return {{"oneOf", kinds}};
}

/// @param kind  the key that holds the version.
template <class T>
std::string makeSchema(const char* kind, const char* title, const char* description,
                       const Ordered& definitions = {})
{
    auto body = SchemaMaker::objectOf<T>();
    Ordered schema{{"$schema", "http://json-schema.org/draft-07/schema#"},
                   {"title", title},
                   {"description", description}};
    schema["type"] = "object";
    schema["properties"] = {
        {kind, {{"const", versionOf(kind)}, {"description", "Version of the format."}}}};
    schema["properties"].update(body["properties"]);
    schema["required"] = Ordered::array({kind});
    for (const auto& name : body["required"]) schema["required"].push_back(name);
    if (!definitions.empty()) schema["definitions"] = definitions;
    return schema.dump(2) + "\n";
}

}  // namespace

std::string writeSchema()
{
    return makeSchema<Tangle>(
        "tangle", "Tangle",
        "A tangle of Jolly Tangle: rig, virtual devices, craft, layers and strands.",
        {{"stage", stageSchema()}});
}

std::string writeFaceplateSchema()
{
    return makeSchema<SharedFaceplate>(
        "faceplate", "Faceplate",
        "A faceplate of Jolly Tangle: names, kinds, switches and places for one hardware.");
}

std::string writeSheetSchema()
{
    return makeSchema<SimSheet>("simsheet", "Sim sheet",
                                "What one sim can take of Jolly Tangle's virtual devices.");
}

}  // namespace jolly::format
