// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/plan/machine.h"
#include "core/weave/weave.h"
#include "support/random_tangle.h"
#include "slow_model.h"
#include "support/how_many.h"

#include <gtest/gtest.h>

#include <cstdlib>
#include <iostream>
#include <memory>

/// Random tangles, moves and edits in flight: the machine against the slow model, step by step.
namespace jolly::test
{
namespace
{

#if defined(__SANITIZE_ADDRESS__) || defined(__SANITIZE_THREAD__)
constexpr int kTangles = 100;  // a step takes fifty times as long
#else
constexpr int kTangles = 2500;
#endif
constexpr int kStepsEach = 400;  // together 1,000,000

/// One flight of a random tangle.
class Flight
{
 public:
    explicit Flight(unsigned seed) : m_chance(seed), m_tangle(m_chance.tangle()), m_slow(m_tangle)
    {
        m_machine = std::make_unique<Machine>(compile(m_tangle));
        tellAll(*m_machine);
        for (const auto& controller : m_tangle.rig) comeBack(controller.id);
    }

    void step()
    {
        const auto deed = m_chance.below(40);
        m_said = "strange";
        if (deed == 0) {
            edit();
        } else if (deed == 1) {
            const auto id = m_chance.of(m_tangle.rig).id;
            m_away.contains(id) ? comeBack(id) : goAway(id);
        } else if (deed == 2) {
            actByHand();
        } else if (deed < 12) {
            wait();
        } else {
            move();
        }
        endFrame(m_now);
    }

    /// What differs; empty when nothing does.
    std::string difference()
    {
        if (!m_wrong.empty()) return m_said + ": " + m_wrong;
        if (m_machine->nextTick() != m_slow.nextTick())
            return m_said + ": the next tick is at " +
                   std::to_string(m_machine->nextTick().count()) + " and not " +
                   std::to_string(m_slow.nextTick().count()) + ", of " + m_slow.nextStrand();
        const auto& layers = m_machine->plan().layers;
        for (std::uint32_t l = 0; l < layers.size(); ++l) {
            if (m_machine->layers().isEngaged(l) != m_slow.engaged().contains(layers[l].id))
                return m_said + ": layer " + layers[l].id + " is not as it should be";
        }
        if (m_machine->plan().views[m_machine->routing().craft()].craft != m_slow.craft())
            return m_said + ": another craft is flown than " + m_slow.craft();
        return {};
    }

    /// What happened last, and when.
    std::string said() const
    {
        auto text = std::to_string(m_now.count()) + " " + m_said + ", next " +
                    std::to_string(m_machine->nextTick().count()) + " by " + m_slow.nextStrand() +
                    ", of " + m_slow.craft() + ", count";
        for (std::uint32_t s = 0; s < m_machine->plan().strands.size(); ++s)
            if (m_machine->counts(s)) text += " " + m_machine->plan().strands[s].id;
        return text;
    }

    /// The tangle in short.
    std::string story() const
    {
        std::string text;
        for (const auto& strand : m_tangle.strands) {
            text += strand.id + (strand.isOn ? "" : " (off)") + " in " + strand.layer + " of " +
                    strand.craft + (strand.whenAway == WhenAway::Keep ? " keeps" : "") + ": " +
                    nameOf(strand.source);
            for (const auto& stage : strand.stages) {
                text += ", " + std::string(infoOf(stage.parameters).name) +
                        (stage.isOn ? "" : " (off)");
                if (stage.when) text += stage.when->isOff ? " while not " : " while ";
                if (stage.when && !stage.when->output)
                    text +=
                        stage.when->layer.empty() ? nameOf(stage.when->control) : stage.when->layer;
                if (stage.when && stage.when->output) text += toText(stage.when->output->control);
                forEachControl(stage.parameters, [&](const auto& spec, const auto& seen) {
                    text += " (" + std::string(spec.key) + " " + (seen ? nameOf(*seen) : "-") + ")";
                });
            }
            for (const auto& end : strand.ends) text += " -> " + inShort(end);
            text += "\n";
        }
        for (const auto& layer : m_tangle.layers) {
            text += layer.id + " of " + layer.group + " needs";
            for (const auto& need : layer.needs) text += " " + need;
            text += std::string(layer.crossing == Crossing::PickUp ? ", picks up" : "") +
                    (layer.tellsSwitches ? "" : ", tells no switches") +
                    (layer.remembers ? "" : ", forgets") + "\n";
        }
        return text;
    }

 private:
    static std::string inShort(const End& end)
    {
        auto text = end.outlet + " ";
        if (const auto* target = targetOf(end)) text += toText(target->control);
        if (const auto* layer = std::get_if<LayerGoal>(&end.goal))
            text += layer->layer + " " + std::to_string(static_cast<int>(layer->engage));
        if (const auto* craft = std::get_if<CraftGoal>(&end.goal))
            text += "craft " + craft->craft + std::to_string(static_cast<int>(craft->choose));
        return text + " how " + std::to_string(static_cast<int>(end.how));
    }

    /// The frame is over: each virtual control is what it should be, and is told if it changed.
    void endFrame(Time now)
    {
        std::vector<bool> areTold(m_machine->plan().outputs.size());
        m_machine->takeChanges(now, [&](const Change& change) { areTold[change.output] = true; });
        m_slow.settle(now);
        for (std::uint32_t i = 0; i < areTold.size() && m_wrong.empty(); ++i) {
            const auto& place = m_machine->plan().outputs[i].place;
            if (m_machine->plan().outputs[i].device == kNoDevice) continue;  // a layer
            const auto is = m_machine->meetings().value(i);
            const auto raw = m_machine->meetings().raw(i);
            const auto should = m_slow.at(place);
            const auto name = toText(place.control);
            if (std::abs(is.x - should.x) > 1e-9 || is.y != should.y)
                m_wrong = name + " is " + std::to_string(is.x) + " and not " +
                          std::to_string(should.x) + " at " + std::to_string(now.count());
            if (areTold[i] != (raw != m_told[place.control])) m_wrong = name + " is told wrongly";
            m_told[place.control] = raw;
        }
    }

    /// A layer is flipped, a craft chosen, a virtual control held or let go.
    void actByHand()
    {
        const auto deed = m_chance.below(4);
        if (deed == 0 && m_tangle.layers.size() > 1) {
            const auto layer = 1 + m_chance.below(m_tangle.layers.size() - 1);
            m_machine->flipLayer(static_cast<std::uint32_t>(layer));
            m_slow.flip(m_tangle.layers[layer].id);
            m_said = "flip " + m_tangle.layers[layer].id;
        } else if (deed == 1) {
            const auto craft = m_chance.below(m_tangle.craft.size());
            m_machine->chooseCraft(static_cast<std::uint32_t>(craft));
            m_slow.fly(m_tangle.craft[craft].id);
            m_said = "fly " + m_tangle.craft[craft].id;
        } else {
            const Target target{"jolly", button(static_cast<std::uint16_t>(1 + m_chance.below(4)))};
            const auto output = outputOf(target);
            if (m_machine->meetings().isByHand(output)) {
                m_machine->letGo(output, m_now);
                m_slow.letGo(target, m_now);
            } else {
                const auto value = static_cast<int>(m_chance.below(2));
                m_machine->holdByHand(output, {value, 0}, m_now);
                m_slow.hold(target, {static_cast<double>(value), 0.0}, m_now);
            }
            m_said = "hand on " + toText(target.control);
        }
    }

    std::uint32_t outputOf(const Target& target) const
    {
        const auto& outputs = m_machine->plan().outputs;
        return static_cast<std::uint32_t>(std::ranges::find(outputs, target, &PlanOutput::place) -
                                          outputs.begin());
    }

    static std::string nameOf(const Source& source)
    {
        return source.controller + " " + toText(source.control);
    }

    std::uint32_t input(const Source& source) const
    {
        const std::size_t rig = source.controller == m_tangle.rig[0].id ? 0 : 1;
        return *m_machine->plan().inputOf(rig, source.control);
    }

    std::int32_t countOf(const RigControl& control)
    {
        if (control.kind == ControlKind::Hat) return static_cast<int>(m_chance.below(3)) - 1;
        if (control.kind == ControlKind::Button) return static_cast<int>(m_chance.below(2));
        const auto part = static_cast<int>(m_chance.below(9)) - 4;
        const auto raw =
            m_chance.oneIn(3) ? part * 250 : static_cast<int>(m_chance.below(2001)) - 1000;
        return control.sides == Sides::One ? std::abs(raw) : raw;
    }

    void move()
    {
        const auto& controller = m_chance.of(m_tangle.rig);
        if (m_away.contains(controller.id)) return;
        const auto& control = m_chance.of(controller.controls);
        if (control.kind == ControlKind::Turner) return;
        const Source source{controller.id, control.code};
        const auto raw = countOf(control);
        const bool isHatY = control.kind == ControlKind::Hat && m_chance.oneIn(2);
        if (m_chance.oneIn(2)) m_now += std::chrono::microseconds(m_chance.below(9000));
        runUntilNow();
        (isHatY ? m_raw[input(source)].y : m_raw[input(source)].x) = raw;
        m_machine->move(input(source), isHatY, raw, m_now);
        m_slow.move(source, isHatY, raw, m_now);
        m_said = "move " + nameOf(source) + " to " + std::to_string(raw);
    }

    void wait()
    {
        m_now +=
            std::chrono::milliseconds(m_chance.oneIn(5) ? m_chance.below(400) : m_chance.below(12));
        runUntilNow();
        m_said = "wait";
    }

    /// Ticks come when they are due, or a little late.
    void runUntilNow()
    {
        while (m_machine->nextTick() <= m_now) {
            const auto late =
                std::chrono::microseconds(m_chance.oneIn(4) ? m_chance.below(3000) : 0);
            const auto at = std::min(m_now, m_machine->nextTick() + late);
            m_machine->tick(at);
            m_slow.tick(at);
            endFrame(at);
        }
    }

    void goAway(const std::string& id)
    {
        m_away.insert(id);
        std::vector<std::uint32_t> inputs;
        std::vector<Source> sources;
        for (const auto& controller : m_tangle.rig) {
            for (const auto& control : controller.controls) {
                if (controller.id != id) continue;
                inputs.push_back(input({id, control.code}));
                sources.push_back({id, control.code});
            }
        }
        m_machine->lose(inputs, m_now);
        m_slow.lose(sources, m_now);
        m_said = id + " goes away";
    }

    void comeBack(const std::string& id)
    {
        m_away.erase(id);
        for (const auto& controller : m_tangle.rig) {
            for (const auto& control : controller.controls) {
                if (controller.id != id || control.kind == ControlKind::Turner) continue;
                const Source source{id, control.code};
                const Counts raw{countOf(control), 0};
                m_raw[input(source)] = raw;
                m_machine->prime(input(source), raw);
                m_slow.prime(source, raw);
            }
        }
        m_machine->begin(m_now);
        m_slow.begin(m_now);
        m_said = id + " comes back";
    }

    void edit()
    {
        m_chance.edit(m_tangle);
        auto next = std::make_unique<Machine>(compile(m_tangle));
        tellAll(*next);
        for (const auto& controller : m_tangle.rig) {
            for (const auto& control : controller.controls) {
                if (m_away.contains(controller.id) || control.kind == ControlKind::Turner) continue;
                const auto place = input({controller.id, control.code});
                next->prime(place, m_raw[place]);
            }
        }
        next->takeOver(*m_machine, m_now);
        m_machine = std::move(next);
        m_slow.edit(m_tangle, m_now);
        m_said = "edit";
    }

    /// What a machine begins with.
    void tellAll(const Machine& machine)
    {
        for (std::uint32_t i = 0; i < machine.plan().outputs.size(); ++i) {
            const auto& output = machine.plan().outputs[i];
            if (output.device != kNoDevice)
                m_told[output.layout.control] = machine.meetings().raw(i);
        }
    }

    Chance m_chance;
    Tangle m_tangle;
    SlowModel m_slow;
    std::unique_ptr<Machine> m_machine;
    std::map<std::uint32_t, Counts> m_raw;
    std::map<VirtualControl, Counts> m_told;
    std::set<std::string> m_away;
    std::string m_said, m_wrong;
    Time m_now = std::chrono::seconds(1);
};

/// How many strands of a tangle would run if they had no errors: so that the test tests something.
TEST(Property, TheTanglesOfChanceAreSound)
{
    for (unsigned seed = 0; seed < 200; ++seed) {
        const auto tangle = Chance(seed).tangle();
        for (std::size_t i = 0; i < tangle.strands.size(); ++i) {
            for (const auto& problem : findStrandProblems(tangle, i))
                EXPECT_NE(problem.severity, Severity::Error) << seed << " " << problem.sentence;
        }
        EXPECT_FALSE(compile(tangle).strands.empty());
    }
}

TEST(Property, TheMachineDoesWhatTheSlowModelSays)
{
    const auto tangles = static_cast<unsigned>(howMany("JOLLY_PROPERTY_TANGLES", kTangles));
    for (unsigned seed = 0; seed < tangles; ++seed) {
        Flight flight(seed);
        for (int step = 0; step < kStepsEach; ++step) {
            const auto difference = flight.difference();
            ASSERT_EQ(difference, "") << "tangle " << seed << ", step " << step << "\n"
                                      << flight.story();
            flight.step();
            if (std::getenv("JOLLY_TELL_STEPS"))
                std::cerr << "tangle " << seed << " step " << step << ": " << flight.said() << "\n";
        }
    }
}

}  // namespace
}  // namespace jolly::test
