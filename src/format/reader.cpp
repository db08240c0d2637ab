// SPDX-License-Identifier: GPL-3.0-or-later
#include "format/reader.h"

#include "core/tangle/told.h"

namespace jolly::format
{

namespace
{

/// A value for a sentence. What is long is not written out whole before it is cut.
Sentence shorten(const Json& value)
{
    constexpr std::size_t kMost = 43;
    if (value.is_string() && value.get_ref<const std::string&>().size() > kMost)
        return shorten(Json(shortened(value.get<std::string>(), kMost)));
    if (value.size() > kMost)
        return value.is_object() ? say("an object of %1 fields", value.size())
                                 : say("a list of %1 items", value.size());
    return shortened(value.dump(-1, ' ', false, Json::error_handler_t::replace), kMost);
}

std::string number(double value)
{
    return Json(value == std::floor(value) ? Json(static_cast<std::int64_t>(value)) : Json(value))
        .dump();
}

/// "below" for /strands/0/below, Item 2 of "points" for /points/1, Item 1 of item 2 of "points" for
/// /points/1/0.
Sentence placeName(const std::string& path)
{
    const auto slash = path.rfind('/');
    const auto step = path.substr(slash + 1);
    if (step.find_first_not_of("0123456789") != std::string::npos) return say("\"%1\"", step);
    return say("item %1 of %2", std::stoul(step) + 1, placeName(path.substr(0, slash)));
}

Sentence stageNames()
{
    std::vector<Sentence> names;
    StageList::forEach(
        [&](const auto& kind) { names.push_back(say("\"%1\"", kind.kInfo.name.english())); });
    return inARow(names);
}

}  // namespace

const Json* Reader::find(std::string_view key)
{
    m_known.insert(key);
    const auto found = m_object.find(std::string(key));
    return found == m_object.end() ? nullptr : &*found;
}

Extra Reader::rest()
{
    Extra extra;
    for (const auto& [key, value] : m_object.items()) {
        if (m_known.contains(key)) continue;
        extra.emplace_back(key, value.dump());
        m_problems.push_back({Severity::Warning, m_path + "/" + key,
                              say("\"%1\" is nothing this version knows here.", key),
                              words("It is kept but has no effect; check its spelling.")});
    }
    return extra;
}

Words Reader::kindOf(const Json& value)
{
    if (value.is_null()) return words("nothing");
    if (value.is_boolean()) return words("yes or no");
    if (value.is_number()) return words("a number");
    if (value.is_string()) return words("a text");
    return value.is_array() ? words("a list") : words("an object");
}

void Reader::error(const std::string& path, Sentence sentence, Sentence cure)
{
    m_problems.push_back({Severity::Error, path, std::move(sentence), std::move(cure)});
}

void Reader::mismatch(const Json& value, const std::string& path, const Sentence& expected)
{
    error(path, say("%1 is %2.", placeName(path), shorten(value)).withCapital(),
          say("Expected %1.", expected));
}

bool Reader::isTooLong(const Json& list, const std::string& path, const Rule& rule)
{
    const auto most = std::min(static_cast<double>(kMostItems), rule.high);
    if (static_cast<double>(list.size()) <= most) return false;
    mismatch(list, path, say("%1 items at most", number(most)));
    return true;
}

void Reader::read(const Json& json, const std::string& path, std::string& value, const Rule&)
{
    if (!json.is_string()) return mismatch(json, path, words("a text in quotes"));
    const auto& text = json.get_ref<const std::string&>();
    if (text.size() > kMostCharacters)
        return mismatch(json, path,
                        say("a text of %1 bytes at most, not %2", kMostCharacters, text.size()));
    value = text;
}

void Reader::read(const Json& json, const std::string& path, bool& value, const Rule&)
{
    if (json.is_boolean()) {
        value = json.get<bool>();
    } else {
        mismatch(json, path, words("true or false"));
    }
}

void Reader::read(const Json& json, const std::string& path, double& value, const Rule& rule)
{
    const double found = json.is_number() ? json.get<double>() : 0.0;
    if (json.is_number() && found >= rule.low && found <= rule.high) {
        value = found;
    } else {
        mismatch(json, path, say("a number from %1 to %2", number(rule.low), number(rule.high)));
    }
}

bool Reader::readWhole(const Json& json, const std::string& path, const Rule& rule,
                       std::int64_t& value)
{
    const bool isWhole = json.is_number_integer();
    const double found = isWhole ? json.get<double>() : 0.0;
    if (isWhole && found >= rule.low && found <= rule.high) {
        value = json.get<std::int64_t>();
        return true;
    }
    mismatch(json, path, say("a whole number from %1 to %2", number(rule.low), number(rule.high)));
    return false;
}

void Reader::read(const Json& json, const std::string& path, std::uint16_t& value, const Rule& rule)
{
    std::int64_t whole = 0;
    if (readWhole(json, path, rule, whole)) value = static_cast<std::uint16_t>(whole);
}

void Reader::read(const Json& json, const std::string& path, std::int32_t& value, const Rule& rule)
{
    std::int64_t whole = 0;
    if (readWhole(json, path, rule, whole)) value = static_cast<std::int32_t>(whole);
}

void Reader::read(const Json& json, const std::string& path, ControlCode& value, const Rule&)
{
    const auto code =
        json.is_string() ? parseControlCode(json.get_ref<const std::string&>()) : std::nullopt;
    if (code) {
        value = *code;
    } else {
        mismatch(json, path,
                 words("the kernel's name of a control, such as \"ABS_X\" or \"BTN_TRIGGER\""));
    }
}

void Reader::read(const Json& json, const std::string& path, VirtualControl& value, const Rule&)
{
    const auto control =
        json.is_string() ? parseVirtualControl(json.get_ref<const std::string&>()) : std::nullopt;
    if (control) {
        value = *control;
    } else {
        mismatch(json, path,
                 words("a virtual control, such as \"axis 1\", \"button 21\" or \"hat 1\""));
    }
}

void Reader::read(const Json& json, const std::string& path, CurvePoint& value, const Rule&)
{
    const Rule range{"", true, -1.0, 1.0};
    if (!json.is_array() || json.size() != 2) {
        mismatch(json, path, words("a point as [in, out]"));
        return;
    }
    read(json[0], path + "/0", value.in, range);
    read(json[1], path + "/1", value.out, range);
}

void Reader::read(const Json& json, const std::string& path, Cells& cells, const Rule&)
{
    if (!json.is_array() || json.size() != 4) {
        mismatch(json, path, words("a place on the grid as [left, top, width, height]"));
        return;
    }
    const auto cell = [&](std::size_t i, std::int32_t& value, double low, double high) {
        read(json[i], path + "/" + std::to_string(i), value, Rule{"", true, low, high});
    };
    cell(0, cells.left, 0, Cells::kColumns - 1);
    cell(1, cells.top, 0, Cells::kRows - 1);
    cell(2, cells.width, 1, Cells::kColumns);
    cell(3, cells.height, 1, Cells::kRows);
    cells = onGrid(cells);
}

void Reader::read(const Json& json, const std::string& path, Stage& stage, const Rule&)
{
    if (!json.is_object()) {
        mismatch(json, path, words("a stage in { }"));
        return;
    }
    Reader reader(json, path, m_problems);
    reader.readParameters(stage);
    reader.field("on", stage.isOn, optional("Whether the stage is switched on."));
    reader.field("when", stage.when, optional("When it works; else it lets its input through."));
    stage.extra = reader.rest();
}

void Reader::readParameters(Stage& stage)
{
    const auto* name = find("stage");
    bool isKnown = false;
    StageList::forEach([&](auto kind) {
        if (!name || *name != kind.kInfo.name.english()) return;
        isKnown = true;
        kind.fields(kind, [this](const auto& spec, auto& value) {
            Rule rule{spec.label.english(), false};
            if constexpr (requires { spec.low; })
                rule = {spec.label.english(), false, spec.low, spec.high};
            field(spec.key, value, rule);
        });
        stage.parameters = std::move(kind);
    });
    if (isKnown) return;
    error(m_path + "/stage",
          name ? say("The stage %1 is none this version knows.", shorten(*name))
               : say("The stage without a name is none this version knows."),
          say("Known are %1.", stageNames()));
    for (const auto& item : m_object.items()) m_known.insert(item.key());
}

}  // namespace jolly::format
