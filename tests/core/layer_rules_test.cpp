// SPDX-License-Identifier: GPL-3.0-or-later
#include "machine_story.h"

#include <random>
#include <set>

/// The rules of layers against a slow model of them, written from docs/model.md with names and
/// sets: random layers that need each other and stand in groups, random pushes that press buttons
/// or engage layers, in whatever layer.
namespace jolly::test
{
namespace
{

constexpr std::uint16_t kPushes = 8;
constexpr int kTangles = 2'500, kStepsEach = 400;  // together 1,000,000

ControlCode push(std::size_t n)
{
    return {EventType::Key, static_cast<std::uint16_t>(0x130 + n)};
}

class SlowLayers
{
 public:
    explicit SlowLayers(const Tangle& tangle) : m_tangle(tangle)
    {
        for (const auto& layer : tangle.layers)
            if (isByItself(layer)) m_lately.push_back(layer.id);
        settle();
    }

    [[nodiscard]] const std::set<std::string>& engaged() const { return m_engaged; }

    /// The virtual buttons that are pressed.
    [[nodiscard]] std::set<VirtualControl> pressed() const
    {
        std::set<VirtualControl> all;
        for (const auto& [code, strand] : m_held) {
            const auto* target = strand ? std::get_if<Target>(&strand->ends[0].goal) : nullptr;
            if (target) all.insert(target->control);
        }
        return all;
    }

    void press(ControlCode code)
    {
        const Strand* strand = nullptr;
        for (const auto& layer : m_tangle.layers) {  // the highest one wins
            if (!m_engaged.contains(layer.id)) continue;
            for (const auto& each : m_tangle.strands)
                if (each.source.control == code && each.layer == layer.id) strand = &each;
        }
        const auto* goal = strand ? std::get_if<LayerGoal>(&strand->ends[0].goal) : nullptr;
        const bool isFirst = goal && goal->engage == Engage::Hold && !isHeld(goal->layer);
        m_held[code] = strand;
        if (isFirst) isLatest(goal->layer);
        if (goal && goal->engage == Engage::Flip)
            flip(goal->layer, !m_flipped.contains(goal->layer));
        if (goal && goal->engage == Engage::Next) flip(besides(goal->layer, 1), true);
        if (goal && goal->engage == Engage::Previous) flip(besides(goal->layer, -1), true);
        settle();
    }

    void release(ControlCode code)
    {
        m_held.erase(code);
        settle();
    }

 private:
    const Layer& layerOf(const std::string& id) const
    {
        return *std::ranges::find(m_tangle.layers, id, &Layer::id);
    }

    bool isHeld(const std::string& id) const
    {
        return std::ranges::any_of(m_held, [&](const auto& held) {
            return held.second && held.second->ends[0].goal == Goal{LayerGoal{id, Engage::Hold}};
        });
    }

    bool isByItself(const Layer& layer) const
    {
        return !layer.needs.empty() && std::ranges::none_of(m_tangle.strands, [&](const auto& s) {
            const auto* goal = std::get_if<LayerGoal>(&s.ends[0].goal);
            return goal && goal->layer == layer.id;
        });
    }

    void isLatest(const std::string& id)
    {
        std::erase(m_lately, id);
        m_lately.push_back(id);
    }

    std::vector<std::string> groupOf(const std::string& id) const
    {
        std::vector<std::string> all;
        for (const auto& layer : m_tangle.layers)
            if (!layer.group.empty() && layer.group == layerOf(id).group) all.push_back(layer.id);
        return all;
    }

    std::string besides(const std::string& id, int by) const
    {
        const auto group = groupOf(id);
        const auto count = static_cast<int>(group.size());
        for (int i = 0; i < count; ++i)
            if (m_engaged.contains(group[static_cast<std::size_t>(i)]))
                return group[static_cast<std::size_t>((i + by + count) % count)];
        return id;
    }

    void flip(const std::string& id, bool isOn)
    {
        for (const auto& other : groupOf(id)) m_flipped.erase(other);
        m_flipped.erase(id);
        if (!isOn) return;
        m_flipped.insert(id);
        isLatest(id);
    }

    /// Whether it and all that it needs are wanted; not when it is met again on the way.
    bool stands(const std::string& id, const std::set<std::string>& wanted,
                std::set<std::string> met = {}) const
    {
        if (!wanted.contains(id) || !met.insert(id).second) return false;
        return std::ranges::all_of(layerOf(id).needs,
                                   [&](const auto& need) { return stands(need, wanted, met); });
    }

    std::set<std::string> standing(const std::set<std::string>& wanted) const
    {
        std::set<std::string> all;
        for (const auto& id : wanted)
            if (stands(id, wanted)) all.insert(id);
        return all;
    }

    void settle()
    {
        std::set<std::string> wanted = m_flipped;
        wanted.insert("base");
        for (const auto& layer : m_tangle.layers)
            if (isHeld(layer.id) || isByItself(layer)) wanted.insert(layer.id);
        auto one = standing(wanted);
        for (const auto& layer : m_tangle.layers) {
            std::string last;
            for (const auto& id : m_lately) {
                const bool competes =
                    one.contains(id) && !layer.group.empty() && layerOf(id).group == layer.group;
                if (competes) last = id;
            }
            for (const auto& other : groupOf(layer.id))
                if (other != last) one.erase(other);
        }
        m_engaged = standing(one);
    }

    const Tangle& m_tangle;
    std::map<ControlCode, const Strand*> m_held;  ///< and the strand that took the press
    std::set<std::string> m_flipped, m_engaged;
    std::vector<std::string> m_lately;  ///< wanted in this order, the last one last
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
        for (std::size_t n = 0; n < kPushes; ++n) {
            for (const std::string layer : {"base", "a", "b", "c", "d", "e"}) {
                if (below(layer == "base" ? 5 : 3) == 0 || n < 3) continue;
                addRandomStrand(n, layer);
            }
            if (n < 3) addRandomStrand(n, "base");
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
            text +=
                strand.layer + ": " + std::to_string(strand.source.control.code - 0x130) + " to ";
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

    std::mt19937 random{1};
};

TEST_F(LayerRules, AreThoseOfASlowModel)
{
    for (int i = 0; i < kTangles; ++i) {
        makeTangle();
        start();
        prime(kX, 0);
        static_cast<void>(seen());
        SlowLayers slow(tangle);
        std::set<std::size_t> held;
        std::string story;
        for (int step = 0; step < kStepsEach; ++step) {
            const auto n = below(kPushes);
            const bool isPressed = held.insert(n).second;
            if (!isPressed) held.erase(n);
            story += (isPressed ? " +" : " -") + std::to_string(n);
            isPressed ? press(push(n)) : release(push(n));
            isPressed ? slow.press(push(n)) : slow.release(push(n));
            static_cast<void>(seen());
            ASSERT_EQ(engaged(), slow.engaged())
                << "tangle " << i << " step " << step << story << told();
            ASSERT_EQ(pressed(), slow.pressed())
                << "tangle " << i << " step " << step << story << told();
        }
    }
}

}  // namespace
}  // namespace jolly::test
