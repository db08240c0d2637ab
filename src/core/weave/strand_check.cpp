// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/layers/family.h"
#include "core/tangle/device_edit.h"
#include "core/tangle/lookup.h"
#include "core/tangle/signals.h"
#include "core/tangle/stage_complaint.h"
#include "core/tangle/told.h"
#include "core/tangle/virtual_layout.h"
#include "core/value/kind_words.h"
#include "core/weave/weave.h"

#include <variant>

namespace jolly
{

namespace
{

/// The controls of each device of a tangle.
using Layouts = std::vector<std::vector<VirtualSlot>>;

Layouts layoutsOf(const Tangle& tangle)
{
    Layouts layouts;
    for (const auto& device : tangle.devices) layouts.push_back(layoutOf(device));
    return layouts;
}

/// "an axis", "a button" and so on.
std::string anyOf(ControlKind kind)
{
    return std::string(wordsOf(kind).any);
}

/// Collects what is wrong with one strand, going from its source to its ends.
class StrandCheck
{
 public:
    StrandCheck(const Tangle& tangle, const Layouts& layouts, std::size_t index)
        : m_tangle(tangle),
          m_layouts(layouts),
          m_strand(tangle.strands[index]),
          m_path("/strands/" + std::to_string(index))
    {
    }

    Problems run()
    {
        checkPlace();
        checkSource();
        m_signals = signalsOf(m_tangle, m_strand);
        for (std::size_t i = 0; i < m_strand.stages.size(); ++i) checkStage(i);
        m_outlets = outletsOf(m_strand);
        for (std::size_t i = 0; i < m_strand.ends.size(); ++i) checkEnd(i);
        if (m_strand.ends.empty()) {
            error("/ends", " ends nowhere",
                  "Give it an end such as {\"device\": \"jolly-1\", \"control\": \"axis 1\"}.");
        }
        return std::move(m_problems);
    }

 private:
    void checkPlace()
    {
        if (!findBy(m_tangle.layers, &Layer::id, m_strand.layer)) {
            error("/layer",
                  " is in the layer \"" + m_strand.layer + "\", which the tangle does not have",
                  "Add that layer or put the strand into \"base\".");
        }
        if (!findBy(m_tangle.craft, &Craft::id, m_strand.craft)) {
            error("/craft",
                  " is for the craft \"" + m_strand.craft + "\", which the tangle does not have",
                  "Add that craft or make the strand one for \"everywhere\".");
        }
    }

    void checkSource()
    {
        if (!m_strand.hasSource()) {
            error("/source", " begins nowhere", "Touch the control that it is to begin at.");
            return;
        }
        const auto& source = m_strand.source;
        const auto* controller = findController(m_tangle, source.controller);
        if (!controller) {
            error(
                "/source/controller",
                " starts at the controller \"" + source.controller + "\", which is not in the rig",
                "Name one of: " + list(m_tangle.rig, &RigController::id) + ".");
            return;
        }
        m_control = findControl(*controller, source.control);
        if (!m_control) {
            error("/source/control",
                  " starts at " + toText(source.control) + ", which " + controller->alias +
                      " does not have",
                  "Touch the control in the window to pick it, or see what it has with \"tangle "
                  "devices\".");
        }
    }

    void checkStage(std::size_t i)
    {
        const auto& stage = m_strand.stages[i];
        const auto& info = infoOf(stage.parameters);
        const auto path = "/stages/" + std::to_string(i);
        const auto name = std::string(info.name);
        if (const auto complaint = complaintOf(stage.parameters); !complaint.empty())
            error(path, ", stage \"" + name + "\": " + complaint, "Change the stage.");
        forEachControl(stage.parameters, [&](const ControlField& field, const auto& source) {
            if (source || !field.mayBeNone) checkSeen(path, name, field, source);
        });
        if (stage.when) checkWhen(path, name, stage);
        if (!m_control || !stage.isOn) return;
        const auto kind = m_signals[i].kind;
        const bool fits = info.takes.has(kind);
        if (!fits && kind != m_signals.front().kind) {
            error(path,
                  " has the stage \"" + name + "\", which does nothing for " + anyOf(kind) +
                      ", as which it leaves the stage before",
                  "Put it in front of that stage, or take it out.");
        } else if (!fits) {
            error(path, " has the stage \"" + name + "\", which does nothing for " + anyOf(kind),
                  "Take the stage out.");
        }
        const bool isLast =
            std::none_of(m_strand.stages.begin() + static_cast<std::ptrdiff_t>(i) + 1,
                         m_strand.stages.end(), [](const Stage& after) { return after.isOn; });
        if (!isLast && outletsOf(stage.parameters).size() > 1) {
            error(path, " has stages behind the stage \"" + name + "\", which has several outlets",
                  "Make it the last one; what shall happen to one outlet is a strand of its own.");
        }
    }

    bool has(const VirtualDevice& device, VirtualControl control) const
    {
        const auto place = static_cast<std::size_t>(&device - m_tangle.devices.data());
        return findBy(m_layouts[place], &VirtualSlot::control, control) != nullptr;
    }

    /// A control that a stage looks at.
    void checkSeen(const std::string& path, const std::string& stage, const ControlField& field,
                   const std::optional<Source>& source)
    {
        const auto where = path + "/" + std::string(field.key);
        const auto what = " has the stage \"" + stage + "\" ";
        const auto role = "\"" + std::string(field.label) + "\"";
        const auto* control = source ? findControl(m_tangle, *source) : nullptr;
        if (!source) {
            error(where, what + "without " + role, "Touch the control that it is to be.");
        } else if (!control) {
            error(where,
                  what + "with " + role + " at " + toText(source->control) + " of \"" +
                      source->controller + "\", which is not in the rig",
                  "Touch another control.");
        } else if (control->kind != field.kind) {
            error(where, what + "with " + anyOf(control->kind) + " as " + role,
                  "Touch " + anyOf(field.kind) + " instead.");
        }
    }

    void checkWhen(const std::string& path, const std::string& name, const Stage& stage)
    {
        const auto& when = *stage.when;
        const auto complainAbout = [&](const std::string& what, const std::string& cure) {
            error(path + "/when", " has the stage \"" + name + "\" work by " + what, cure);
        };
        if (!when.layer.empty()) {
            const auto place = placeOfLayer(m_tangle, when.layer);
            if (place >= std::min(m_tangle.layers.size(), kMostLayers))
                complainAbout("the layer \"" + when.layer + "\", which the tangle does not have",
                              "Name a layer that is there, or let the stage work always.");
        } else if (when.output) {
            const auto* device = findDevice(m_tangle, when.output->device);
            if (!device || !has(*device, when.output->control))
                complainAbout(toText(when.output->control) + " of the virtual device \"" +
                                  when.output->device + "\", which is not there",
                              "Choose another control, or let the stage work always.");
            if (leadsTo(m_strand, *when.output))
                complainAbout(toText(when.output->control) + ", which the strand itself moves",
                              "Choose a virtual control that another strand moves.");
        } else if (!findControl(m_tangle, when.control)) {
            complainAbout(toText(when.control.control) + " of \"" + when.control.controller +
                              "\", which is not in the rig",
                          "Touch another control, or let the stage work always.");
        }
        const auto changesSides = [&](Sides sides) {
            const auto behind = signalAfter(stage.parameters, {ControlKind::Axis, sides});
            return behind.kind == ControlKind::Axis && behind.sides != sides;
        };
        if (changesSides(Sides::One) || changesSides(Sides::Two))
            error(path + "/when",
                  " has the stage \"" + name +
                      "\" work at times only, which would change where the axis rests",
                  "Let it work always, or make two strands.");
    }

    void checkEnd(std::size_t i)
    {
        const auto& end = m_strand.ends[i];
        const auto path = "/ends/" + std::to_string(i);
        if (!end.outlet.empty() && std::ranges::find(m_outlets, end.outlet) == m_outlets.end()) {
            const bool isPlain = m_outlets == std::vector<std::string>{""};
            error(path + "/outlet",
                  " ends at its outlet \"" + end.outlet + "\", which it does not have",
                  isPlain ? "Leave the outlet out: it has one only."
                          : "Name one of: " + listed(m_outlets, std::identity()) + ".");
        }
        if (const auto* target = targetOf(end)) checkTarget(*target, end.part, path);
        checkGoal(m_tangle, end.goal,
                  m_control ? std::optional(m_signals.back().kind) : std::nullopt,
                  [&](const std::string& where, const std::string& what, const std::string& cure,
                      const char* remedy) {
                      error(path + where, what, cure);
                      m_problems.back().remedy = remedy;
                  });
    }

    void checkTarget(const Target& target, Part part, const std::string& path)
    {
        const auto kind = m_signals.back().kind;
        const auto* device = findDevice(m_tangle, target.device);
        if (!device) {
            error(path + "/device",
                  " ends at the virtual device \"" + target.device +
                      "\", which the tangle does not have",
                  "Name one of: " + list(m_tangle.devices, &VirtualDevice::id) + ".");
            m_problems.back().remedy = "next-free";
            return;
        }
        if (!has(*device, target.control)) {
            error(path + "/control",
                  " ends at " + toText(target.control) + " of " + device->name +
                      ", which has no such control",
                  "Pick one it has, or give " + device->name + " more of them.");
            auto grown = *device;
            m_problems.back().remedy = growFor(grown, target.control) ? "grow" : "next-free";
        } else if (m_control && kind == ControlKind::Turner && kind != target.control.kind) {
            error(path + "/control",
                  " leads the counts of a turner to " + nameOf(*device, target.control) + " of " +
                      device->name,
                  "Put the stage \"glide\" in front, which makes an axis of them, or \"turn "
                  "pulses\".");
        } else if (m_control && kind != target.control.kind) {
            error(path + "/control",
                  " leads from " + anyOf(kind) + " to " + anyOf(target.control.kind) + ", " +
                      nameOf(*device, target.control) + " of " + device->name,
                  "Pick " + anyOf(kind) + " as its target.");
        } else if (part != Part::Whole && kind == ControlKind::Axis &&
                   sidesOf(*device, target.control) == Sides::One) {
            error(path + "/half",
                  " leads to half of " + nameOf(*device, target.control) + " of " + device->name +
                      ", which rests at its low end",
                  "Lead it to all of that axis, or let that rest in the middle.");
        }
    }

    Sides sidesOf(const VirtualDevice& device, VirtualControl control) const
    {
        const auto place = static_cast<std::size_t>(&device - m_tangle.devices.data());
        return findBy(m_layouts[place], &VirtualSlot::control, control)->sides;
    }

    template <class Items, class Field>
    static std::string list(const Items& items, Field field)
    {
        const auto text = listed(items, [field](const auto& item) { return item.*field; });
        return text.empty() ? "none, the tangle has none" : text;
    }

    void error(const std::string& path, const std::string& what, const std::string& cure)
    {
        const auto& name = m_strand.name.empty() ? m_strand.id : m_strand.name;
        m_problems.push_back({.severity = Severity::Error,
                              .path = m_path + path,
                              .sentence = "Strand \"" + name + "\"" + what + ".",
                              .cure = cure,
                              .meaning = "It does nothing in flight until then."});
    }

    const Tangle& m_tangle;
    const Layouts& m_layouts;
    const Strand& m_strand;
    std::string m_path;
    std::vector<Signal> m_signals;
    std::vector<std::string> m_outlets;
    const RigControl* m_control = nullptr;
    Problems m_problems;
};

}  // namespace

Problems findStrandProblems(const Tangle& tangle, std::size_t index)
{
    return StrandCheck(tangle, layoutsOf(tangle), index).run();
}

StrandFindings::StrandFindings(const Tangle& tangle)
    : m_tangle(tangle), m_layouts(layoutsOf(tangle))
{
    m_problems.reserve(tangle.strands.size());
    for (std::size_t i = 0; i < tangle.strands.size(); ++i)
        m_problems.push_back(StrandCheck(tangle, m_layouts, i).run());
}

bool StrandFindings::doesRun(std::size_t strand) const
{
    return doesCount(m_tangle.strands[strand]) && !hasErrors(m_problems[strand]);
}

}  // namespace jolly
