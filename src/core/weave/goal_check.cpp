// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/weave/goal_check.h"

#include "core/layers/family.h"
#include "core/tangle/lookup.h"
#include "core/tangle/told.h"
#include "core/tangle/virtual_layout.h"

#include <algorithm>

namespace jolly
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

namespace
{

bool has(const VirtualDevice& device, VirtualControl control)
{
    const auto layout = layoutOf(device);
    return std::ranges::find(layout, control, &VirtualSlot::control) != layout.end();
}

/// Goes through one goal.
class GoalCheck
{
 public:
    GoalCheck(const Tangle& tangle, std::optional<ControlKind> kind, const GoalComplaint& complain)
        : m_tangle(tangle), m_kind(kind), m_complain(complain)
    {
    }

    void operator()(const Target&) const {}
    void operator()(const Nothing&) const {}
    void operator()(const Chord& chord) const
    {
        const auto* device = findDevice(m_tangle, chord.device);
        checkIsPress("keys");
        if (!device || device->kind != VirtualKind::Keyboard)
            return error("/device",
                         " presses keys of \"" + chord.device + "\", which is no virtual keyboard",
                         "Add a virtual keyboard, and record the keys anew.");
        if (chord.keys.empty() || chord.keys.size() > Chord::kMost)
            error("/keys",
                  chord.keys.empty()
                      ? std::string(" presses no keys")
                      : " presses " + std::to_string(chord.keys.size()) + " keys at once; " +
                            std::to_string(Chord::kMost) + " are the most",
                  "Record them: press them together.");
        checkKeys(chord, *device);
        const auto danger = dangerOf(chord);
        if (danger.empty() || chord.isMeant) return;
        error("", " presses " + toText(chord) + ", which " + danger,
              "Choose other keys, or say that it is meant.", "mean-it");
    }
    void operator()(const Command& command) const
    {
        checkIsPress("an order");
        if (!isAboutAxis(command.order)) return;
        const auto* device = findDevice(m_tangle, command.axis.device);
        if (command.axis.control.kind == ControlKind::Axis && device &&
            has(*device, command.axis.control))
            return;
        error("",
              " gives an order about " + toText(command.axis.control) + " of \"" +
                  command.axis.device + "\", which is no virtual axis",
              "Name an axis of a virtual device.");
    }
    void operator()(const LayerGoal& goal) const
    {
        checkIsPress("a layer");
        const auto place = placeOfLayer(m_tangle, goal.layer);
        if (place == 0 || place >= std::min(m_tangle.layers.size(), kMostLayers))
            return error("/layer",
                         place == 0 ? " engages Base, which always is"
                                    : " engages the layer \"" + goal.layer +
                                          "\", which the tangle does not have",
                         "Name a layer above Base.");
        const bool steps = goal.engage == Engage::Next || goal.engage == Engage::Previous;
        if (steps && m_tangle.layers[place].group.empty())
            error("/layer",
                  " steps through the group of the layer \"" + m_tangle.layers[place].name +
                      "\", which is of none",
                  "Put the layer into a group with others, or flip it.");
    }
    void operator()(const CraftGoal& goal) const
    {
        checkIsPress("a craft");
        if (goal.choose != Choose::This ||
            placeOfCraft(m_tangle, goal.craft) < m_tangle.craft.size())
            return;
        error("/craft", " chooses the craft \"" + goal.craft + "\", which the tangle does not have",
              "Name one of: " + listed(m_tangle.craft, [](const Craft& c) { return c.id; }) + ".");
    }

 private:
    void error(const std::string& path, const std::string& what, const std::string& cure,
               const char* remedy = "") const
    {
        m_complain(path, what, cure, remedy);
    }

    /// Whether what leaves the stages can be pressed; says so when it cannot.
    void checkIsPress(const std::string& goal) const
    {
        if (!m_kind || *m_kind == ControlKind::Button) return;
        error("", " leads from " + std::string(wordFor(*m_kind)) + " to " + goal,
              "Make a button of it with a stage, or lead it to something else.");
    }

    void checkKeys(const Chord& chord, const VirtualDevice& keyboard) const
    {
        for (const auto& key : keysOf(chord)) {
            if (!has(keyboard, key.control))
                error("/keys",
                      " presses " + nameOf(keyboard, key.control) +
                          ", which no virtual keyboard of ours has",
                      "Record other keys.");
            if (std::ranges::count(chord.keys, key.control.number) > 1)
                return error("/keys",
                             " presses " + nameOf(keyboard, key.control) + " twice at once",
                             "Name it once.");
        }
    }

    const Tangle& m_tangle;
    std::optional<ControlKind> m_kind;
    const GoalComplaint& m_complain;
};

}  // namespace

void checkGoal(const Tangle& tangle, const Goal& goal, std::optional<ControlKind> kind,
               const GoalComplaint& complain)
{
    std::visit(GoalCheck(tangle, kind, complain), goal);
}

}  // namespace jolly
