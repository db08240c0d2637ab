// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/tangle/signals.h"
#include "support/small_tangle.h"

#include <random>

namespace jolly::test
{

inline const std::vector<ControlCode> kAxes = {kX, kY, kThrottle};
inline const std::vector<ControlCode> kButtons = {kTrigger, kThumb, kToggle};

/// Makes random things. Thresholds are odd numbers, so that no value that is computed in two ways
/// lies on one by chance.
class Chance
{
 public:
    explicit Chance(unsigned seed) : m_random(seed) {}

    /// From 0 to count - 1.
    std::size_t below(std::size_t count) { return m_random() % count; }
    bool oneIn(std::size_t count) { return below(count) == 0; }
    template <class List>
    const auto& of(const List& list)
    {
        return list[below(list.size())];
    }

    Source source(const Tangle& tangle, const std::vector<ControlCode>& of)
    {
        return {this->of(tangle.rig).id, this->of(of)};
    }

    StageParameters axisStage(const Tangle& tangle)
    {
        const auto button = [&] { return source(tangle, kButtons); };
        switch (below(11)) {
            case 0:
                return Invert{};
            case 1:
                return Scale{.gain = oneIn(2) ? 1.7 : -0.6, .offset = 0.113};
            case 2:
                return DeadZone{0.0317, 0.0517, 0.0217, 0.0417};
            case 3:
                return Half{oneIn(2) ? Side::Upper : Side::Lower};
            case 4:
                return Stillness{0.05171};
            case 5:
                return Pace{.rising = 3.1, .falling = 7.3};
            case 6:
                return Blend{
                    source(tangle, kAxes),
                    of(std::vector{Blending::HalfDifference, Blending::Average, Blending::Larger})};
            case 7:
                return HoldValue{button(), oneIn(2) ? Holding::Freeze : Holding::Centre, button()};
            case 8:
                return Trim{button(), button(), button(), 0.0713, 0.3};
            case 9:
                return Drive{.speed = 2.3, .lowest = -0.61, .highest = 0.83, .reset = button()};
            default:
                return Spring{.speed = 1.9};
        }
    }

    StageParameters forkingStage()
    {
        if (oneIn(3))
            return EqualSlices{.count = 3.0 + static_cast<double>(below(3)), .edge = 0.0171};
        if (oneIn(2)) return Ratchet{.step = 0.0917, .pulse = 20.0 + static_cast<double>(below(3))};
        Slice slice{.overlap = oneIn(2) ? Overlap::PileUp : Overlap::Exclude};
        slice.slices = {{"low", -0.7531, 0.1019, -0.7931, 0.1519},
                        {"high", 0.0513, 0.9017, 0.0313, 1.0}};
        for (auto& part : slice.slices)
            part.entry = of(std::vector{Entry::Either, Entry::Below, Entry::Above});
        return slice;
    }

    StageParameters buttonStage(const Tangle& tangle)
    {
        const auto other = [&] { return source(tangle, kButtons); };
        const auto time = [&](double least) { return least + static_cast<double>(below(97)); };
        switch (below(12)) {
            case 10:
            case 11:
                return switchStage();
            case 0:
                return Invert{};
            case 1:
                return Latch{oneIn(2) ? std::optional(other()) : std::nullopt};
            case 2:
                return SetAndClear{other()};
            case 3:
                return Debounce{time(5)};
            case 4:
                return Delay{time(10)};
            case 5:
                return Repeat{time(60), time(20)};
            case 6:
                return BothEnds{};
            case 7:
                return PressKinds{time(60), time(50), time(20)};
            case 8:
                return rampOrSet();
            default:
                return Nudge{.back = other(),
                             .reset = oneIn(2) ? std::optional(other()) : std::nullopt,
                             .step = oneIn(4) ? -0.0971 : 0.1317,
                             .begins = 0.1011,
                             .lowest = -0.6113,
                             .highest = 0.8717,
                             .after = time(60),
                             .every = time(15),
                             .repeats = !oneIn(3)};
        }
    }

    /// Of two buttons of one stick, with a silent position or without.
    StageParameters switchStage()
    {
        SwitchPlaces places = {{"up", Source{"stick", kTrigger}},
                               {"down", Source{"stick", kToggle}}};
        if (oneIn(2)) places.insert(places.begin() + 1, {"middle", std::nullopt});
        if (oneIn(3)) return SwitchPositions{places};
        if (oneIn(2)) return SwitchSteps{places, 20.0 + static_cast<double>(below(40))};
        Positions positions{.rests = oneIn(2) ? Sides::One : Sides::Two};
        for (const auto& place : places)
            positions.places.push_back(
                {place.name, place.control, 0.1317 * static_cast<double>(2 + below(5))});
        return positions;
    }

    StageParameters rampOrSet()
    {
        const auto rests = oneIn(2) ? Sides::One : Sides::Two;
        if (oneIn(3)) return SetValue{0.7131, 0.1173, rests};
        return Ramp{.to = 0.8317,
                    .rise = oneIn(4) ? 0.0 : 83.0,
                    .fall = oneIn(4) ? 0.0 : 57.0,
                    .stays = oneIn(2),
                    .rests = rests};
    }

    StageParameters hatStage()
    {
        if (oneIn(3)) return HatToAxes{};
        if (oneIn(4)) return FourWays{static_cast<Winner>(below(4))};
        if (oneIn(2)) return HatTurn{static_cast<double>(below(15)) - 7.0};
        return HatSplit{of(std::vector{Diagonals::Both, Diagonals::Own, Diagonals::Ignored})};
    }

    std::optional<When> when(const Tangle& tangle)
    {
        if (!oneIn(3)) return std::nullopt;
        When when{.isOff = oneIn(2)};
        if (tangle.layers.size() > 1 && oneIn(4)) {
            when.layer = of(tangle.layers).id;
        } else if (oneIn(2)) {
            when.control = source(tangle, kButtons);
        } else {
            when.output = Target{"jolly", button(static_cast<std::uint16_t>(1 + below(4)))};
        }
        return when;
    }

    std::vector<Stage> stages(const Tangle& tangle, ControlKind kind)
    {
        std::vector<Stage> stages;
        if (kind == ControlKind::Hat && oneIn(2)) stages.push_back({.parameters = hatStage()});
        if (kind == ControlKind::Button) {
            for (auto count = below(3); count > 0; --count) {
                stages.push_back({.parameters = buttonStage(tangle)});
                const auto behind =
                    signalAfter(stages.back().parameters, {ControlKind::Button, Sides::Two});
                const bool makesAxis = behind.kind == ControlKind::Axis;
                if (!makesAxis) stages.back().when = when(tangle);
                if (makesAxis || forks(stages.back().parameters)) break;
            }
        }
        if (kind != ControlKind::Axis) return stages;
        for (auto count = below(4); count > 0; --count) {
            Stage stage{.parameters = axisStage(tangle), .isOn = !oneIn(8)};
            const auto* blend = std::get_if<Blend>(&stage.parameters);
            const bool staysAsItIs = !std::holds_alternative<Half>(stage.parameters) &&
                                     !(blend && blend->how == Blending::HalfDifference);
            if (staysAsItIs) stage.when = when(tangle);
            stages.push_back(stage);
        }
        if (oneIn(3)) stages.push_back({.parameters = forkingStage(), .when = when(tangle)});
        return stages;
    }

    /// Where a signal of this kind may lead.
    Target target(ControlKind kind)
    {
        if (kind == ControlKind::Hat) return {"jolly", hat(1)};
        const auto number = static_cast<std::uint16_t>(1 + below(4));
        return {"jolly", {kind, number}};
    }

    Strand strand(const Tangle& tangle, const std::string& id)
    {
        Strand strand{.id = id, .name = id};
        const auto kind = of(std::vector{ControlKind::Axis, ControlKind::Axis, ControlKind::Button,
                                         ControlKind::Hat});
        strand.source = kind == ControlKind::Axis     ? source(tangle, kAxes)
                        : kind == ControlKind::Button ? source(tangle, kButtons)
                                                      : source(tangle, {kHat});
        strand.whenAway = oneIn(3) ? WhenAway::Keep : WhenAway::Rest;
        place(tangle, strand);
        shape(tangle, strand);
        return strand;
    }

    /// Gives it a layer and a craft.
    void place(const Tangle& tangle, Strand& strand)
    {
        strand.layer = oneIn(2) ? std::string(kBase) : of(tangle.layers).id;
        strand.craft = oneIn(3) ? of(tangle.craft).id : std::string(kEverywhere);
    }

    /// Gives it stages and ends.
    void shape(const Tangle& tangle, Strand& strand)
    {
        strand.stages = stages(tangle, signalOf(tangle, strand.source).kind);
        lead(tangle, strand);
    }
    void lead(const Tangle& tangle, Strand& strand)
    {
        const auto kind = signalsOf(tangle, strand).back().kind;
        strand.ends.clear();
        for (const auto& outlet : outletsOf(strand)) {
            End end{outlet, target(kind)};
            if (kind == ControlKind::Button && oneIn(3)) {
                end.how = of(std::vector{How::Pulse, How::PulseAtRelease, How::PulseAtBoth});
                end.pulse = 20.0 + static_cast<double>(below(3));
            }
            if (kind == ControlKind::Button && tangle.layers.size() > 1 && oneIn(4)) {
                end.goal = layerGoal(tangle);
                strand.ends.push_back(end);
                continue;
            }
            if (kind == ControlKind::Axis && targetOf(end)->control != axis(3) && oneIn(4))
                end.part = oneIn(2) ? Part::Upper : Part::Lower;
            if (!leadsTo(strand, *targetOf(end))) strand.ends.push_back(end);
        }
        const bool leadsALayer =
            std::ranges::any_of(strand.ends, [](const End& end) { return !targetOf(end); });
        for (auto& stage : strand.stages) {
            if (stage.when && !stage.when->layer.empty() && leadsALayer) stage.when.reset();
            if (stage.when && stage.when->output && leadsTo(strand, *stage.when->output))
                stage.when.reset();  // it may not wait for itself
        }
        if (oneIn(4)) strand.ends.push_back({strand.ends[0].outlet, Nothing{}});
    }

    /// An end that engages a layer or chooses a craft.
    Goal layerGoal(const Tangle& tangle)
    {
        if (oneIn(5))
            return CraftGoal{of(tangle.craft).id,
                             of(std::vector{Choose::This, Choose::Next, Choose::Previous})};
        const auto& layer = tangle.layers[1 + below(tangle.layers.size() - 1)];
        if (layer.group.empty() || oneIn(2))
            return LayerGoal{layer.id, oneIn(3) ? Engage::Flip : Engage::Hold};
        return LayerGoal{layer.id, oneIn(2) ? Engage::Next : Engage::Previous};
    }

    /// Layers of all sorts, and a family of craft.
    void addLayers(Tangle& tangle)
    {
        for (const std::string id : {"a", "b", "c"}) {
            Layer layer{.id = id, .name = id};
            if (oneIn(2)) layer.group = "group";
            if (oneIn(4)) layer.needs.push_back(of(std::vector<std::string>{"a", "b", "c"}));
            if (oneIn(2)) layer.crossing = Crossing::PickUp;
            layer.tellsSwitches = !oneIn(3);
            layer.remembers = !oneIn(3);
            tangle.layers.push_back(layer);
        }
        tangle.craft.push_back({.id = "boats", .name = "boats", .parent = "everywhere"});
        tangle.craft.push_back({.id = "gannet", .name = "gannet", .parent = "boats"});
    }

    Tangle tangle()
    {
        auto tangle = smallTangle();
        tangle.rig.push_back(smallStick("other"));
        tangle.devices[0].settings.push_back({.control = axis(2), .meeting = Meeting::Sum});
        tangle.devices[0].settings.push_back(
            {.control = axis(4), .meeting = oneIn(2) ? Meeting::Larger : Meeting::Average});
        const bool hasLayers = !oneIn(3);
        if (hasLayers) addLayers(tangle);
        for (auto count = 1 + below(hasLayers ? 12 : 7); count > 0; --count)
            tangle.strands.push_back(strand(tangle, "strand " + std::to_string(count)));
        return tangle;
    }

    void edit(Tangle& tangle)
    {
        const auto deed = below(8);
        if (deed == 0 || tangle.strands.empty())
            tangle.strands.push_back(strand(tangle, "new " + std::to_string(m_random())));
        auto& strand = tangle.strands[below(tangle.strands.size())];
        if (deed == 1) shape(tangle, strand);
        if (deed == 2) strand.isOn = !strand.isOn;
        if (deed == 3) std::swap(strand, tangle.strands.front());
        if (deed == 4) strand.note += ".";  // nothing that matters
        if (deed == 6) place(tangle, strand);
        if (deed == 7 && tangle.layers.size() > 1) {
            auto& layer = tangle.layers[1 + below(tangle.layers.size() - 1)];
            layer.crossing = oneIn(2) ? Crossing::PickUp : Crossing::Jump;
            layer.remembers = !layer.remembers;
        }
        if (deed == 5 && tangle.strands.size() > 1) {
            const auto place = strand.id;
            std::erase_if(tangle.strands, [&](const Strand& s) { return s.id == place; });
        }
    }

 private:
    std::mt19937 m_random;
};

}  // namespace jolly::test
