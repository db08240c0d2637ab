// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/plan/machine.h"
#include "core/weave/weave.h"
#include "support/how_many.h"
#include "support/lose.h"
#include "support/small_tangle.h"

#include <gtest/gtest.h>
#include <linux/input-event-codes.h>

#include <memory>
#include <random>

/// Whatever happens, what is pressed is let go: random strands, layers, craft, events, edits,
/// controllers that go and come, flights that end and begin. Again and again everything physical is
/// let go; then nothing virtual may be pressed or away from rest, and of each button as many
/// presses as releases were sent.
namespace jolly::test
{
namespace
{

#if defined(__SANITIZE_ADDRESS__) || defined(__SANITIZE_THREAD__)
constexpr long kEvents = 200'000;
#else
constexpr long kEvents = 10'000'000;
#endif
constexpr int kEventsAFlight = 20'000;

class Flight
{
 public:
    explicit Flight(unsigned seed) : m_random(seed)
    {
        m_tangle.devices.front().axes = 4;
        m_tangle.devices.push_back(
            {.id = "keys", .name = "Keys", .kind = VirtualKind::Keyboard, .number = 2});
        addRandomLayers();
        for (int i = 0; i < 12; ++i) addRandomStrand();
        for (const auto& problem : findProblems(m_tangle))
            EXPECT_NE(problem.severity, Severity::Error) << problem.sentence;
        m_machine = std::make_unique<Machine>(compile(m_tangle));
        m_presses.resize(m_machine->plan().outputs.size());
    }

    void run(int events)
    {
        begin();
        for (int i = 0; i < events; ++i) {
            const auto deed = below(2000);
            if (deed == 0) edit();
            if (deed == 1) loseAll();
            if (deed == 2) endAndBegin();
            if (deed >= 3 && deed < 9) flipALayerByHand();
            if (deed >= 9 && deed < 14) chooseACraft();
            if (deed < 20) wait(below(2000));
            if (deed >= 20) move(m_inputs[below(m_inputs.size())], below(2) != 0);
        }
        letGo();
    }

    /// What is wrong now that everything was let go; empty when nothing is.
    [[nodiscard]] std::string wrong() const
    {
        for (std::uint32_t i = 0; i < m_presses.size(); ++i) {
            const auto value = m_machine->meetings().value(i);
            const auto name = toText(m_machine->plan().outputs[i].layout.control);
            if (value.x != 0.0 || value.y != 0.0) return name + " is not at rest" + leaderOf(i);
            if (m_presses[i] != 0) return name + " was pressed and not let go, or twice";
        }
        return m_machine->nextTick() == Time::max() ? "" : "something still moves";
    }

 private:
    /// Who moves a virtual control, in short.
    std::string leaderOf(std::uint32_t output) const
    {
        const auto& plan = m_machine->plan();
        const auto link = m_machine->meetings().leader(output);
        if (link == Meetings::kNone) return ", and nobody moves it";
        const auto number = plan.links[link].strand;
        auto text = ", moved by " + plan.strands[number].id +
                    (m_machine->counts(number) ? "" : ", which does not count") +
                    (plan.links[link].isHeld() ? "" : ", by pulses");
        const auto strand =
            std::ranges::find(m_tangle.strands, plan.strands[number].id, &Strand::id);
        for (const auto& stage : strand->stages)
            text += ", " + std::string(infoOf(stage.parameters).name);
        return text;
    }

    std::size_t below(std::size_t count) { return m_random() % count; }

    StageParameters randomStage(ControlKind kind)
    {
        if (kind == ControlKind::Hat) return HatSplit{static_cast<Diagonals>(below(3))};
        switch (below(8)) {
            case 6:
                return SwitchPositions{randomPlaces()};
            case 7:
                return SwitchSteps{randomPlaces(), 20};
            case 0:
                return Debounce{15};
            case 1:
                return Delay{37};
            case 2:
                return Repeat{90, 40};
            case 3:
                return PressKinds{120, 80, 20};
            case 4:
                return Ramp{.to = 1.0, .rise = 70, .fall = 30};
            default:
                return SetValue{};
        }
    }

    /// None is silent: that one is pressed when nothing else is.
    SwitchPlaces randomPlaces()
    {
        const auto at = [](ControlCode code) { return Source{"stick", code}; };
        SwitchPlaces places = {{"up", at(kTrigger)}, {"down", at(kThumb)}};
        if (below(2) == 0) places.push_back({"far down", at(kToggle)});
        return places;
    }

    /// Two keys, of which one is often a modifier that others press, too.
    Chord randomChord()
    {
        const auto one = static_cast<std::uint16_t>(KEY_A + below(4));
        const auto other = below(2) == 0 ? std::uint16_t{KEY_LEFTCTRL}
                                         : static_cast<std::uint16_t>(KEY_Z + below(3));
        return {.device = "keys", .keys = {one, other}};
    }

    /// Every other tangle has layers: two of a group, of which one may need a third.
    void addRandomLayers()
    {
        m_hasLayers = below(2) == 0;
        if (!m_hasLayers) return;
        m_tangle.craft.push_back({.id = "boats", .name = "Boats", .parent = "everywhere"});
        m_tangle.craft.push_back({.id = "gannet", .name = "Gannet 12", .parent = "boats"});
        for (const std::string id : {"first", "second", "third"}) {
            m_tangle.layers.push_back({.id = id,
                                       .name = id,
                                       .group = id == "third" ? "" : "either",
                                       .crossing = static_cast<Crossing>(below(2)),
                                       .tellsSwitches = below(2) == 0,
                                       .remembers = below(2) == 0});
        }
        if (below(2) == 0) std::prev(m_tangle.layers.end(), 2)->needs = {"third"};
    }

    const Layer& randomLayer() { return *std::prev(m_tangle.layers.end(), 1 + below(3)); }

    /// Only a layer of a group can be stepped from.
    LayerGoal randomEngagement()
    {
        const auto& layer = randomLayer();
        return {layer.id, static_cast<Engage>(below(layer.group.empty() ? 2 : 4))};
    }

    void addRandomStrand()
    {
        static const std::vector<ControlCode> kSources = {kTrigger, kThumb, kToggle, kHat};
        const auto from = kSources[below(kSources.size())];
        const auto kind = from == kHat ? ControlKind::Hat : ControlKind::Button;
        auto& strand = addStrand(m_tangle, from, button(1));
        strand.ends.clear();
        if (m_hasLayers && below(2) == 0) strand.layer = randomLayer().id;
        if (m_hasLayers && below(3) == 0) {
            strand.craft = m_tangle.craft[1 + below(m_tangle.craft.size() - 1)].id;
            if (below(2) == 0) strand.insteadOf = m_tangle.strands.front().id;
        }
        if (kind == ControlKind::Hat || below(3) != 0) strand.stages = {{randomStage(kind)}};
        const auto gives = strand.stages.empty()
                               ? ControlKind::Button
                               : signalAfter(strand.stages[0].parameters, {kind, Sides::Two}).kind;
        const auto outlets = strand.stages.empty() ? std::vector<std::string>{""}
                                                   : outletsOf(strand.stages[0].parameters);
        for (const auto& outlet : outlets) {
            const auto most = gives == ControlKind::Axis ? 2U : 8U;
            End end{outlet, Target{"jolly", {gives, static_cast<std::uint16_t>(1 + below(most))}}};
            if (gives == ControlKind::Button) end.how = static_cast<How>(below(4));
            end.pulse = 10.0 + static_cast<double>(below(30));
            if (gives == ControlKind::Button && below(4) == 0) end.goal = randomChord();
            if (gives == ControlKind::Button && m_hasLayers && below(4) == 0)
                end.goal = randomEngagement();
            strand.ends.push_back(end);
        }
    }

    void begin()
    {
        for (const auto& control : m_tangle.rig[0].controls) {
            const auto place = *m_machine->plan().inputOf(0, control.code);
            if (control.kind == ControlKind::Button || control.kind == ControlKind::Hat) {
                if (m_inputs.size() < 4) m_inputs.push_back(place);
                m_machine->prime(place, m_raws[place]);
            }
        }
        m_machine->begin(m_now);
        take();
    }

    void move(std::uint32_t input, bool isPressed)
    {
        m_now += std::chrono::microseconds(below(30'000));
        runUntilNow();
        const auto raw = isPressed ? 1 : 0;
        const bool isY =
            below(2) != 0 && m_machine->plan().inputs[input].control.kind == ControlKind::Hat;
        (isY ? m_raws[input].y : m_raws[input].x) = raw;
        m_machine->move(input, isY, raw, m_now);
        take();
    }

    void wait(std::size_t ms)
    {
        m_now += std::chrono::milliseconds(ms);
        runUntilNow();
    }

    void flipALayerByHand()
    {
        const auto layers = m_machine->plan().layers.size();
        if (layers > 1) m_machine->flipLayer(static_cast<std::uint32_t>(1 + below(layers - 1)));
        take();
    }

    void chooseACraft()
    {
        m_machine->chooseCraft(static_cast<std::uint32_t>(below(m_machine->plan().views.size())));
        take();
    }

    void runUntilNow()
    {
        while (m_machine->nextTick() <= m_now) {
            const auto now = m_machine->nextTick();
            m_machine->tick(now);
            take(now);
        }
    }

    void edit()
    {
        auto& strand = m_tangle.strands[below(m_tangle.strands.size())];
        if (below(2) == 0) {
            strand.isOn = !strand.isOn;
        } else if (m_hasLayers && below(3) == 0) {
            strand.craft = m_tangle.craft[below(m_tangle.craft.size())].id;
        } else if (!strand.ends.empty() && strand.stages.empty()) {
            strand.ends[0].how = static_cast<How>(below(4));
        } else {
            std::swap(strand, m_tangle.strands.front());
        }
        auto next = std::make_unique<Machine>(compile(m_tangle));
        for (const auto input : m_inputs) next->prime(input, m_raws[input]);
        next->takeOver(*m_machine, m_now);
        m_machine = std::move(next);
        tellAll();
    }

    void loseAll()
    {
        m_machine->lose(m_inputs, m_now);
        take();
        EXPECT_EQ(wrong(), "") << "of a controller that is gone nothing stays";
        begin();
    }

    void endAndBegin()
    {
        m_machine->reset();
        tellAll();
        begin();
    }

    void letGo()
    {
        for (const auto input : m_inputs) {
            m_raws[input] = {};
            m_machine->move(input, false, 0, ++m_now);
            m_machine->move(input, true, 0, ++m_now);
        }
        take();
        wait(600'000);
    }

    void take() { take(m_now); }
    void take(Time now)
    {
        m_machine->takeChanges(now, [this](const Change& change) {
            const bool isButton =
                m_machine->plan().outputs[change.output].layout.control.kind == ControlKind::Button;
            if (isButton) m_presses[change.output] += change.raw.x != 0 ? 1 : -1;
        });
    }

    void tellAll()
    {
        m_machine->dropChanges(m_now);
        for (std::uint32_t i = 0; i < m_presses.size(); ++i) tell(i);
    }

    /// A device is told what a virtual control is, once something else may have changed it.
    void tell(std::uint32_t output)
    {
        const auto& told = m_machine->plan().outputs[output];
        const bool isLayer = told.device == kNoDevice;
        if (!isLayer && told.layout.control.kind == ControlKind::Button)
            m_presses[output] = m_machine->meetings().raw(output).x;
    }

    std::mt19937 m_random;
    Tangle m_tangle = smallTangle();
    bool m_hasLayers = false;
    std::unique_ptr<Machine> m_machine;
    std::vector<std::uint32_t> m_inputs;
    std::map<std::uint32_t, Counts> m_raws;
    std::vector<int> m_presses;  ///< by output, presses less releases
    Time m_now{};
};

TEST(Balance, WhatIsPressedIsLetGo)
{
    long events = howMany("JOLLY_BALANCE_EVENTS", kEvents);
    for (unsigned seed = 1; events > 0; ++seed, events -= kEventsAFlight) {
        Flight flight(seed);
        flight.run(kEventsAFlight);
        ASSERT_EQ(flight.wrong(), "") << "seed " << seed;
    }
}

}  // namespace
}  // namespace jolly::test
