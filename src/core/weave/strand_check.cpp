// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/tangle/device_edit.h"
#include "core/tangle/lookup.h"
#include "core/tangle/stage_complaint.h"
#include "core/tangle/told.h"
#include "core/tangle/virtual_layout.h"
#include "core/weave/weave.h"

#include <variant>

namespace jolly
{

namespace
{

const char* wordFor(ControlKind kind)
{
    switch (kind) {
        case ControlKind::Axis:
            return "an axis";
        case ControlKind::Button:
            return "a button";
        case ControlKind::Hat:
            return "a hat";
        case ControlKind::Turner:
            return "a turner";
    }
    return "";
}

/// Collects what is wrong with one strand, going from its source to its targets.
class StrandCheck
{
 public:
    StrandCheck(const Tangle& tangle, std::size_t index)
        : m_tangle(tangle),
          m_strand(tangle.strands[index]),
          m_path("/strands/" + std::to_string(index))
    {
    }

    Problems run()
    {
        checkPlace();
        checkSources();
        for (std::size_t i = 0; i < m_strand.stages.size(); ++i) checkStage(i);
        for (std::size_t i = 0; i < m_strand.targets.size(); ++i) checkTarget(i);
        if (m_strand.targets.empty()) {
            error("/targets", " ends nowhere",
                  "Give it a target such as {\"device\": \"jolly-1\", \"control\": \"axis 1\"}.");
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

    void checkSources()
    {
        if (m_strand.sources.size() != 1) {
            error("/sources", " has " + std::to_string(m_strand.sources.size()) + " sources",
                  "Give it exactly one; no stage joins several yet.");
            return;
        }
        const auto& source = m_strand.sources.front();
        const auto* controller = findController(m_tangle, source.controller);
        if (!controller) {
            error(
                "/sources/0/controller",
                " starts at the controller \"" + source.controller + "\", which is not in the rig",
                "Name one of: " + list(m_tangle.rig, &RigController::id) + ".");
            return;
        }
        m_control = findControl(*controller, source.control);
        if (!m_control) {
            error("/sources/0/control",
                  " starts at " + toText(source.control) + ", which " + controller->alias +
                      " does not have",
                  "Touch the control in the window to pick it, or see what it has with \"tangle "
                  "devices\".");
        } else if (m_control->kind == ControlKind::Turner) {
            error("/sources/0/control",
                  " starts at a turner, " + nameOf(*controller, *m_control) + " of " +
                      controller->alias,
                  "Pick an axis, button or hat; no stage takes a turner yet.");
            m_control = nullptr;
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
        if (!m_control) return;
        const bool fits = (m_control->kind == ControlKind::Axis && info.takesAxes) ||
                          (m_control->kind == ControlKind::Button && info.takesButtons);
        if (!fits) {
            error(path,
                  " has the stage \"" + name + "\", which does nothing for " +
                      wordFor(m_control->kind),
                  "Take the stage out.");
        }
    }

    const RigControl* find(const Source& source) const
    {
        const auto* controller = findController(m_tangle, source.controller);
        return controller ? findControl(*controller, source.control) : nullptr;
    }

    /// A control that a stage looks at.
    void checkSeen(const std::string& path, const std::string& stage, const ControlField& field,
                   const std::optional<Source>& source)
    {
        const auto where = path + "/" + std::string(field.key);
        const auto what = " has the stage \"" + stage + "\" ";
        const auto role = "\"" + std::string(field.label) + "\"";
        const auto* control = source ? find(*source) : nullptr;
        if (!source) {
            error(where, what + "without " + role, "Touch the control that it is to be.");
        } else if (!control) {
            error(where,
                  what + "with " + role + " at " + toText(source->control) + " of \"" +
                      source->controller + "\", which is not in the rig",
                  "Touch another control.");
        } else if (control->kind != field.kind) {
            error(where, what + "with " + wordFor(control->kind) + " as " + role,
                  std::string("Touch ") + wordFor(field.kind) + " instead.");
        }
    }

    void checkWhen(const std::string& path, const std::string& name, const Stage& stage)
    {
        const auto& when = *stage.when;
        const auto complainAbout = [&](const std::string& what, const std::string& cure) {
            error(path + "/when", " has the stage \"" + name + "\" work by " + what, cure);
        };
        if (when.output) {
            const auto* device = findDevice(m_tangle, when.output->device);
            const auto layout = device ? layoutOf(*device) : std::vector<VirtualSlot>{};
            if (!findBy(layout, &VirtualSlot::control, when.output->control))
                complainAbout(toText(when.output->control) + " of the virtual device \"" +
                                  when.output->device + "\", which is not there",
                              "Choose another control, or let the stage work always.");
            if (std::ranges::find(m_strand.targets, *when.output) != m_strand.targets.end())
                complainAbout(toText(when.output->control) + ", which the strand itself moves",
                              "Choose a virtual control that another strand moves.");
        } else if (!find(when.control)) {
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

    void checkTarget(std::size_t i)
    {
        const auto& target = m_strand.targets[i];
        const auto path = "/targets/" + std::to_string(i);
        const auto* device = findDevice(m_tangle, target.device);
        if (!device) {
            error(path + "/device",
                  " ends at the virtual device \"" + target.device +
                      "\", which the tangle does not have",
                  "Name one of: " + list(m_tangle.devices, &VirtualDevice::id) + ".");
            m_problems.back().remedy = "next-free";
            return;
        }
        const auto layout = layoutOf(*device);
        if (!findBy(layout, &VirtualSlot::control, target.control)) {
            error(path + "/control",
                  " ends at " + toText(target.control) + " of " + device->name +
                      ", which has no such control",
                  "Pick one it has, or give " + device->name + " more of them.");
            auto grown = *device;
            m_problems.back().remedy = growFor(grown, target.control) ? "grow" : "next-free";
        } else if (m_control && m_control->kind != target.control.kind) {
            error(path + "/control",
                  std::string(" leads from ") + wordFor(m_control->kind) + " to " +
                      wordFor(target.control.kind) + ", " + nameOf(*device, target.control) +
                      " of " + device->name,
                  std::string("Pick ") + wordFor(m_control->kind) + " as its target.");
        }
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
    const Strand& m_strand;
    std::string m_path;
    const RigControl* m_control = nullptr;
    Problems m_problems;
};

}  // namespace

Problems findStrandProblems(const Tangle& tangle, std::size_t index)
{
    return StrandCheck(tangle, index).run();
}

}  // namespace jolly
