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
Words anyOf(ControlKind kind)
{
    return wordsOf(kind).any;
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
            error("/ends", words("ends nowhere"),
                  words("Give it an end such as "
                        "{\"device\": \"jolly-1\", \"control\": \"axis 1\"}."));
        }
        return std::move(m_problems);
    }

 private:
    void checkPlace()
    {
        if (!findBy(m_tangle.layers, &Layer::id, m_strand.layer)) {
            error("/layer",
                  say("is in the layer \"%1\", which the tangle does not have", m_strand.layer),
                  words("Add that layer or put the strand into \"base\"."));
        }
        if (!findBy(m_tangle.craft, &Craft::id, m_strand.craft)) {
            error("/craft",
                  say("is for the craft \"%1\", which the tangle does not have", m_strand.craft),
                  words("Add that craft or make the strand one for \"everywhere\"."));
        }
    }

    void checkSource()
    {
        if (!m_strand.hasSource()) {
            error("/source", words("begins nowhere"),
                  words("Touch the control that it is to begin at."));
            return;
        }
        const auto& source = m_strand.source;
        const auto* controller = findController(m_tangle, source.controller);
        if (!controller) {
            error(
                "/source/controller",
                say("starts at the controller \"%1\", which is not in the rig", source.controller),
                say("Name one of: %1.", list(m_tangle.rig, &RigController::id)));
            return;
        }
        m_control = findControl(*controller, source.control);
        if (!m_control) {
            error("/source/control",
                  say("starts at %1, which %2 does not have", toText(source.control),
                      controller->alias),
                  words("Touch the control in the window to pick it, or see what it has with "
                        "\"tangle devices\"."));
        }
    }

    void checkStage(std::size_t i)
    {
        const auto& stage = m_strand.stages[i];
        const auto& info = infoOf(stage.parameters);
        const auto path = "/stages/" + std::to_string(i);
        const auto name = info.name;
        if (const auto complaint = complaintOf(stage.parameters); !complaint.empty())
            add(path, say("Strand \"%1\", stage \"%2\": %3.", this->name(), name, complaint),
                words("Change the stage."));
        forEachControl(stage.parameters, [&](const ControlField& field, const auto& source) {
            if (source || !field.mayBeNone) checkSeen(path, name, field, source);
        });
        if (stage.when) checkWhen(path, name, stage);
        if (!m_control || !stage.isOn) return;
        const auto kind = m_signals[i].kind;
        const bool fits = info.takes.has(kind);
        if (!fits && kind != m_signals.front().kind) {
            error(path,
                  say("has the stage \"%1\", which does nothing for %2, as which it leaves the "
                      "stage before",
                      name, anyOf(kind)),
                  words("Put it in front of that stage, or take it out."));
        } else if (!fits) {
            error(path, say("has the stage \"%1\", which does nothing for %2", name, anyOf(kind)),
                  words("Take the stage out."));
        }
        const bool isLast =
            std::none_of(m_strand.stages.begin() + static_cast<std::ptrdiff_t>(i) + 1,
                         m_strand.stages.end(), [](const Stage& after) { return after.isOn; });
        if (!isLast && outletsOf(stage.parameters).size() > 1) {
            error(path, say("has stages behind the stage \"%1\", which has several outlets", name),
                  words("Make it the last one; what shall happen to one outlet is a strand of its "
                        "own."));
        }
    }

    bool has(const VirtualDevice& device, VirtualControl control) const
    {
        const auto place = static_cast<std::size_t>(&device - m_tangle.devices.data());
        return findBy(m_layouts[place], &VirtualSlot::control, control) != nullptr;
    }

    /// A control that a stage looks at.
    void checkSeen(const std::string& path, Words stage, const ControlField& field,
                   const std::optional<Source>& source)
    {
        const auto where = path + "/" + std::string(field.key);
        const auto role = calledBy(field);
        const auto* control = source ? findControl(m_tangle, *source) : nullptr;
        if (!source) {
            error(where, say("has the stage \"%1\" without \"%2\"", stage, role),
                  words("Touch the control that it is to be."));
        } else if (!control) {
            error(where,
                  say("has the stage \"%1\" with \"%2\" at %3 of \"%4\", which is not in the rig",
                      stage, role, toText(source->control), source->controller),
                  words("Touch another control."));
        } else if (control->kind != field.kind) {
            error(where,
                  say("has the stage \"%1\" with %2 as \"%3\"", stage, anyOf(control->kind), role),
                  say("Touch %1 instead.", anyOf(field.kind)));
        }
    }

    void checkWhen(const std::string& path, Words name, const Stage& stage)
    {
        const auto& when = *stage.when;
        const auto complainAbout = [&](const Sentence& what, Words cure) {
            error(path + "/when", say("has the stage \"%1\" work by %2", name, what), cure);
        };
        if (!when.layer.empty()) {
            const auto place = placeOfLayer(m_tangle, when.layer);
            if (place >= std::min(m_tangle.layers.size(), kMostLayers))
                complainAbout(say("the layer \"%1\", which the tangle does not have", when.layer),
                              words("Name a layer that is there, or let the stage work always."));
        } else if (when.output) {
            const auto* device = findDevice(m_tangle, when.output->device);
            if (!device || !has(*device, when.output->control))
                complainAbout(say("%1 of the virtual device \"%2\", which is not there",
                                  nameOf(when.output->control), when.output->device),
                              words("Choose another control, or let the stage work always."));
            if (leadsTo(m_strand, *when.output))
                complainAbout(
                    say("%1, which the strand itself moves", nameOf(when.output->control)),
                    words("Choose a virtual control that another strand moves."));
        } else if (!findControl(m_tangle, when.control)) {
            complainAbout(say("%1 of \"%2\", which is not in the rig", toText(when.control.control),
                              when.control.controller),
                          words("Touch another control, or let the stage work always."));
        }
        const auto changesSides = [&](Sides sides) {
            const auto behind = signalAfter(stage.parameters, {ControlKind::Axis, sides});
            return behind.kind == ControlKind::Axis && behind.sides != sides;
        };
        if (changesSides(Sides::One) || changesSides(Sides::Two))
            error(path + "/when",
                  say("has the stage \"%1\" work at times only, which would change where the axis "
                      "rests",
                      name),
                  words("Let it work always, or make two strands."));
    }

    void checkEnd(std::size_t i)
    {
        const auto& end = m_strand.ends[i];
        const auto path = "/ends/" + std::to_string(i);
        if (!end.outlet.empty() && std::ranges::find(m_outlets, end.outlet) == m_outlets.end()) {
            const bool isPlain = m_outlets == std::vector<std::string>{""};
            error(path + "/outlet",
                  say("ends at its outlet \"%1\", which it does not have", end.outlet),
                  isPlain ? words("Leave the outlet out: it has one only.")
                          : say("Name one of: %1.", listed(m_outlets, std::identity())));
        }
        if (const auto* target = targetOf(end)) checkTarget(*target, end.part, path);
        checkGoal(m_tangle, end.goal,
                  m_control ? std::optional(m_signals.back().kind) : std::nullopt,
                  [&](const std::string& where, const Sentence& what, const Sentence& cure,
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
                  say("ends at the virtual device \"%1\", which the tangle does not have",
                      target.device),
                  say("Name one of: %1.", list(m_tangle.devices, &VirtualDevice::id)));
            m_problems.back().remedy = "next-free";
            return;
        }
        if (!has(*device, target.control)) {
            error(path + "/control",
                  say("ends at %1 of %2, which has no such control", nameOf(target.control),
                      device->name),
                  say("Pick one it has, or give %1 more of them.", device->name));
            auto grown = *device;
            m_problems.back().remedy = growFor(grown, target.control) ? "grow" : "next-free";
        } else if (m_control && kind == ControlKind::Turner && kind != target.control.kind) {
            error(path + "/control",
                  say("leads the counts of a turner to %1 of %2", nameOf(*device, target.control),
                      device->name),
                  words("Put the stage \"glide\" in front, which makes an axis of them, or \"turn "
                        "pulses\"."));
        } else if (m_control && kind != target.control.kind) {
            error(path + "/control",
                  say("leads from %1 to %2, %3 of %4", anyOf(kind), anyOf(target.control.kind),
                      nameOf(*device, target.control), device->name),
                  say("Pick %1 as its target.", anyOf(kind)));
        } else if (part != Part::Whole && kind == ControlKind::Axis &&
                   sidesOf(*device, target.control) == Sides::One) {
            error(path + "/half",
                  say("leads to half of %1 of %2, which rests at its low end",
                      nameOf(*device, target.control), device->name),
                  words("Lead it to all of that axis, or let that rest in the middle."));
        }
    }

    Sides sidesOf(const VirtualDevice& device, VirtualControl control) const
    {
        const auto place = static_cast<std::size_t>(&device - m_tangle.devices.data());
        return findBy(m_layouts[place], &VirtualSlot::control, control)->sides;
    }

    template <class Items, class Field>
    static Sentence list(const Items& items, Field field)
    {
        const auto text = listed(items, [field](const auto& item) { return item.*field; });
        return text.empty() ? words("none, the tangle has none") : text;
    }

    const std::string& name() const { return m_strand.name.empty() ? m_strand.id : m_strand.name; }

    /// @param what  goes on after the strand's name.
    void error(const std::string& path, const Sentence& what, const Sentence& cure)
    {
        add(path, say("Strand \"%1\" %2.", name(), what), cure);
    }

    void add(const std::string& path, Sentence sentence, const Sentence& cure)
    {
        m_problems.push_back({.severity = Severity::Error,
                              .path = m_path + path,
                              .sentence = std::move(sentence),
                              .cure = cure,
                              .meaning = words("It does nothing in flight until then.")});
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
