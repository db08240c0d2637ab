// SPDX-License-Identifier: GPL-3.0-or-later
#include "machine_story.h"
#include "slow_layers.h"
#include "support/how_many.h"

#include <cmath>
#include <random>
#include <set>

/// The rules of layers and craft against a slow model of them, written from docs/model.md with
/// names and sets: random layers that need each other and stand in groups, random pushes that press
/// buttons or engage layers in whatever layer, for whatever craft of a family, instead of whatever
/// is inherited; switches and an axis that several layers have a meaning for; and craft that
/// change.
namespace jolly::test
{
namespace
{

constexpr std::uint16_t kPushes = 8;
constexpr std::uint16_t kSwitches = 2;
constexpr int kTangles = 2'500, kStepsEach = 400;  // together 1,000,000

ControlCode push(std::size_t n)
{
    return {EventType::Key, static_cast<std::uint16_t>(0x130 + n)};
}

ControlCode toggle(std::size_t n)
{
    return {EventType::Key, static_cast<std::uint16_t>(0x140 + n)};
}

using Strands = std::vector<const Strand*>;

class SlowLayers
{
 public:
    explicit SlowLayers(const Tangle& tangle) : m_tangle(tangle), m_stack(tangle) { settle(); }

    [[nodiscard]] const std::set<std::string>& engaged() const { return m_stack.engaged(); }

    /// The virtual buttons that are pressed.
    [[nodiscard]] std::set<VirtualControl> pressed() const
    {
        std::set<VirtualControl> all;
        const auto add = [&](const Strands& strands) {
            for (const auto* strand : strands) {
                if (const auto* target = std::get_if<Target>(&strand->ends[0].goal))
                    all.insert(target->control);
            }
        };
        for (const auto& [code, strands] : m_held) add(strands);
        for (const auto& code : m_on) add(counting(code));  // a switch says where it stands
        return all;
    }

    /// Where the virtual axes are: what does not count rests.
    [[nodiscard]] std::map<VirtualControl, int> axes() const
    {
        std::map<VirtualControl, int> all = {{axis(1), 0}, {axis(2), 0}, {axis(4), 0}};
        for (const auto* strand : counting(kX)) {
            if (const auto* target = std::get_if<Target>(&strand->ends[0].goal))
                all[target->control] = m_hand;
        }
        return all;
    }

    void press(ControlCode code)
    {
        const auto strands = counting(code);
        std::vector<LayerGoal> goals;
        for (const auto* strand : strands) {
            const auto* goal = std::get_if<LayerGoal>(&strand->ends[0].goal);
            if (goal) goals.push_back(*goal);
        }
        m_held[code] = strands;
        for (const auto& goal : goals) {
            if (goal.engage == Engage::Flip) m_stack.flip(goal.layer);
            if (goal.engage == Engage::Next) m_stack.step(goal.layer, 1);
            if (goal.engage == Engage::Previous) m_stack.step(goal.layer, -1);
        }
        settle();
    }

    void turn(ControlCode code, bool isOn)
    {
        m_on.erase(code);
        if (isOn) m_on.insert(code);
        settle();
    }

    void move(int hand) { m_hand = hand; }

    void fly(const std::string& craft)
    {
        m_craft = craft;
        settle();
    }

    void release(ControlCode code)
    {
        m_held.erase(code);
        settle();
    }

 private:
    /// The highest engaged layer that has any.
    Strands counting(ControlCode code) const
    {
        Strands strands;
        for (const auto& layer : m_tangle.layers) {
            if (!engaged().contains(layer.id)) continue;
            auto here = slowView(m_tangle, m_craft, layer.id, {"stick", code});
            if (!here.empty()) strands = std::move(here);
        }
        return strands;
    }

    void settle()
    {
        std::set<std::string> pressed;
        for (const auto& [code, strands] : m_held) {
            for (const auto* strand : strands) {
                const auto* goal = std::get_if<LayerGoal>(&strand->ends[0].goal);
                if (goal && goal->engage == Engage::Hold) pressed.insert(goal->layer);
            }
        }
        m_stack.settle(pressed);
    }

    const Tangle& m_tangle;
    std::string m_craft{kEverywhere};
    std::map<ControlCode, Strands> m_held;  ///< and the strands that took the press
    std::set<ControlCode> m_on;             ///< switches
    int m_hand = 0;                         ///< where the axis of the stick is
    SlowStack m_stack;
};

class LayerRules : public MachineStory
{
 protected:
    explicit LayerRules() = default;

    std::size_t below(std::size_t count) { return random() % count; }

    void makeTangle()
    {
        tangle = smallTangle();
        for (std::size_t n = 0; n < kPushes; ++n)
            tangle.rig[0].controls.push_back({.code = push(n), .kind = ControlKind::Button});
        for (const std::string id : {"a", "b", "c", "d", "e"}) {
            tangle.layers.push_back({.id = id, .name = id});
            auto& layer = tangle.layers.back();
            if (below(2) == 0) layer.group = below(3) == 0 ? "other" : "group";
            while (below(3) == 0) {
                const auto need = std::string(1, static_cast<char>('a' + below(5)));
                if (!std::ranges::count(layer.needs, need)) layer.needs.push_back(need);
            }
        }
        tangle.craft.push_back({.id = "boats", .name = "boats", .parent = "everywhere"});
        tangle.craft.push_back({.id = "gannet", .name = "gannet", .parent = "boats"});
        tangle.craft.push_back({.id = "rally", .name = "rally", .parent = "everywhere"});
        for (std::size_t n = 0; n < kSwitches; ++n)
            tangle.rig[0].controls.push_back(
                {.code = toggle(n), .kind = ControlKind::Button, .buttonKind = ButtonKind::Switch});
        for (std::size_t n = 0; n < kPushes; ++n) {
            for (const std::string layer : {"base", "a", "b", "c", "d", "e"}) {
                if (below(layer == "base" ? 5 : 3) == 0 || n < 3) continue;
                addRandomStrand(n, layer);
            }
            if (n < 3) addRandomStrand(n, "base");
        }
        addStatesOfControls();
        addForCraft();
    }

    /// What switches and the axis mean in some layers.
    void addStatesOfControls()
    {
        for (const std::string layer : {"base", "a", "c", "e"}) {
            for (std::size_t n = 0; n < kSwitches; ++n) {
                if (below(2) == 0)
                    addStrand(tangle, toggle(n), button(static_cast<std::uint16_t>(1 + below(8))))
                        .layer = layer;
            }
            static constexpr std::uint16_t kAxes[] = {1, 2, 4};
            if (below(2) == 0) addStrand(tangle, kX, axis(kAxes[below(3)])).layer = layer;
        }
    }

    /// Craft have some of it otherwise: instead of one strand, or of all there are.
    void addForCraft()
    {
        const auto count = tangle.strands.size();
        for (int i = 0; i < 12; ++i) {
            auto own = tangle.strands[below(count + static_cast<std::size_t>(i))];
            own.id = "own-" + std::to_string(i);
            if (below(3) != 0) own.insteadOf = tangle.strands[below(count)].id;
            own.craft = tangle.craft[1 + below(3)].id;
            if (auto* target = targetOf(own.ends[0]);
                target && target->control.kind == ControlKind::Button)
                target->control.number = static_cast<std::uint16_t>(1 + below(8));
            tangle.strands.push_back(own);
        }
    }

    void addRandomStrand(std::size_t n, const std::string& layer)
    {
        auto& strand = addStrand(tangle, push(n), button(static_cast<std::uint16_t>(1 + below(8))));
        strand.layer = layer;
        if (below(8) == 0) strand.ends[0].goal = Nothing{};
        if (below(2) != 0) return;
        const auto& other = *std::prev(tangle.layers.end(), static_cast<long>(1 + below(5)));
        strand.ends[0].goal =
            LayerGoal{other.id, static_cast<Engage>(below(other.group.empty() ? 2 : 4))};
    }

    /// For whoever looks into a failure.
    std::string told() const
    {
        std::string text = "\n";
        for (const auto& layer : tangle.layers) {
            text += layer.id + " of " + layer.group + " needs";
            for (const auto& need : layer.needs) text += " " + need;
            text += "\n";
        }
        for (const auto& strand : tangle.strands) {
            const auto& goal = strand.ends[0].goal;
            text += strand.id + " of " + strand.craft + " instead of " + strand.insteadOf + " in " +
                    strand.layer + ": " + std::to_string(strand.source.control.code - 0x130) +
                    " to ";
            if (const auto* target = std::get_if<Target>(&goal)) text += toText(target->control);
            if (const auto* layer = std::get_if<LayerGoal>(&goal))
                text += layer->layer + " " + std::to_string(static_cast<int>(layer->engage));
            text += "\n";
        }
        return text;
    }

    std::set<std::string> engaged() const
    {
        std::set<std::string> all;
        for (std::uint32_t l = 0; l < machine->plan().layers.size(); ++l)
            if (machine->layers().isEngaged(l)) all.insert(machine->plan().layers[l].id);
        return all;
    }

    std::set<VirtualControl> pressed() const
    {
        std::set<VirtualControl> all;
        for (std::uint16_t n = 1; n <= 8; ++n)
            if (at(button(n)) == 1) all.insert(button(n));
        return all;
    }

    /// In counts of the hand; what is nearer than a count is the same.
    std::map<VirtualControl, int> axes() const
    {
        std::map<VirtualControl, int> all;
        for (const auto n : {1, 2, 4}) {
            const auto control = axis(static_cast<std::uint16_t>(n));
            for (std::uint32_t o = 0; o < machine->plan().outputs.size(); ++o) {
                if (machine->plan().outputs[o].layout.control == control)
                    all[control] =
                        static_cast<int>(std::lround(machine->meetings().value(o).x * 1000.0));
            }
        }
        return all;
    }

    std::mt19937 random{1};
};

TEST_F(LayerRules, AreThoseOfASlowModel)
{
    const auto tangles = howMany("JOLLY_PROPERTY_TANGLES", kTangles);
    for (long i = 0; i < tangles; ++i) {
        makeTangle();
        start();
        prime(kX, 0);
        static_cast<void>(seen());
        SlowLayers slow(tangle);
        std::set<std::size_t> held;
        std::string story;
        for (int step = 0; step < kStepsEach; ++step) {
            const auto n = below(kPushes + kSwitches + 2);
            const bool isPressed = held.insert(n).second;
            if (!isPressed) held.erase(n);
            story += (isPressed ? " +" : " -") + std::to_string(n);
            if (n < kPushes) {
                isPressed ? press(push(n)) : release(push(n));
                isPressed ? slow.press(push(n)) : slow.release(push(n));
            } else if (n < kPushes + kSwitches) {
                move(toggle(n - kPushes), isPressed ? 1 : 0);
                slow.turn(toggle(n - kPushes), isPressed);
            } else if (n == kPushes + kSwitches) {
                const int hand = static_cast<int>(below(2001)) - 1000;
                move(kX, hand);
                slow.move(hand);
            } else {
                const auto craft = below(tangle.craft.size());
                story += " fly " + tangle.craft[craft].id;
                machine->chooseCraft(static_cast<std::uint32_t>(craft));
                slow.fly(tangle.craft[craft].id);
            }
            static_cast<void>(seen());
            ASSERT_EQ(axes(), slow.axes()) << "tangle " << i << " step " << step << story << told();
            ASSERT_EQ(engaged(), slow.engaged())
                << "tangle " << i << " step " << step << story << told();
            ASSERT_EQ(pressed(), slow.pressed())
                << "tangle " << i << " step " << step << story << told();
        }
    }
}

}  // namespace
}  // namespace jolly::test
