// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/flight/flight_player.h"
#include "engine/engine.h"
#include "engine/recorder.h"
#include "pretend/memory_world.h"
#include "support/how_many.h"
#include "support/random_tangle.h"

#include <gtest/gtest.h>

#include <map>

/// Random flights, recorded and replayed: what the flight sent to games, frame by frame and count
/// by count, is what the replay tells.
namespace jolly::test
{
namespace
{

/// What a device got at once.
struct Sent {
    Time time{};
    std::string what;  ///< "Jolly: button 1 = 1, axis 2 = -300"
};

std::string inShort(const VirtualControl& control, Counts raw)
{
    return " " + toText(control) + " = " + std::to_string(raw.x) +
           (control.kind == ControlKind::Hat ? "/" + std::to_string(raw.y) : "");
}

/// A world that writes down what games get.
class NotedWorld : public MemoryWorld
{
 public:
    Result<Handle> create(const VirtualSpec& spec) override
    {
        auto made = MemoryWorld::create(spec);
        if (made) m_specs[*made] = spec;
        std::string what = spec.name + " begins:";
        for (std::size_t i = 0; i < spec.slots.size(); ++i)
            what += inShort(spec.slots[i].control, spec.values[i]);
        sent.push_back({now(), what});
        return made;
    }
    WriteStatus write(Handle device, std::span<const VirtualMove> moves) noexcept override
    {
        if (isLanding) return MemoryWorld::write(device, moves);
        const auto& spec = m_specs.at(device);
        auto what = spec.name + ":";
        for (const auto& move : moves) what += inShort(spec.slots[move.slot].control, move.raw);
        sent.push_back({now(), what});
        return MemoryWorld::write(device, moves);
    }

    std::vector<Sent> sent;
    bool isLanding = false;  ///< what is sent then is the fleet's: everything rests

 private:
    std::map<Handle, VirtualSpec> m_specs;
};

/// One flight of a random tangle on a desk with two sticks.
class ReplayedFlight
{
 public:
    explicit ReplayedFlight(unsigned seed)
        : m_chance(seed),
          m_tangle(m_chance.tangle()),
          m_live(std::move(*LiveMemory::make())),
          m_engine(m_world, m_live.block(), m_board),
          m_recorder(m_live.block(), m_board)
    {
        weave();
        for (std::size_t stick = 0; stick < m_tangle.rig.size(); ++stick) {
            m_state.emplace_back(m_tangle.rig[stick].controls.size());
            m_there.emplace_back();
            plug(stick);
        }
    }

    void fly(int acts)
    {
        EXPECT_TRUE(m_engine.goLive());
        for (int i = 0; i < acts; ++i) {
            act();
            if (i % 64 == 63) m_recorder.drain();
        }
        standDown();
        step();
        m_recorder.drain();
    }

    [[nodiscard]] const std::vector<Sent>& sent() const { return m_world.sent; }

    /// What a replay of the recording tells, as games would get it.
    [[nodiscard]] std::vector<Sent> replayed()
    {
        const auto recording = m_recorder.recording();
        std::vector<Sent> told;
        std::string frame;
        FlightPlayer* flown = nullptr;
        bool isLive = false;
        Time frameTime{};
        const auto endFrame = [&] {
            if (!frame.empty() && isLive) told.push_back({frameTime, "Jolly:" + frame});
            frame.clear();
        };
        FlightPlayer player(
            recording, [this](std::uint32_t number) { return m_flown.at(number); },
            [&](Time time, const Change& change) {
                const auto& output = flown->plan().outputs[change.output];
                if (output.device == kNoDevice) return;
                frameTime = time;
                frame += inShort(output.place.control, change.raw);
            });
        flown = &player;
        player.onFrame([&](Time) { endFrame(); });
        EXPECT_TRUE(recording.forEach(
            0, [&](const Standing& standing) { player.begin(standing, recording.first()); },
            [&](const Happening& happening) {
                player.feed(happening);
                if (happening.kind == Happening::Kind::Live) {
                    std::string begins = "Jolly begins:";
                    const auto& plan = player.plan();
                    for (std::uint32_t o = 0; o < plan.outputs.size(); ++o) {
                        if (plan.outputs[o].device == kNoDevice) continue;
                        begins += inShort(plan.outputs[o].place.control,
                                          player.machine().meetings().raw(o));
                    }
                    told.push_back({happening.time, begins});
                }
                isLive = player.standing().isLive();
                return true;
            }));
        player.finish();
        return told;
    }

    [[nodiscard]] std::string story(Time around) const
    {
        std::string text;
        for (const auto& [time, what] : m_acts) {
            if (time >= around - std::chrono::milliseconds(200) && time <= around)
                text += std::to_string(time.count()) + " " + what + "\n";
        }
        return text;
    }

 private:
    void note(const std::string& what) { m_acts.emplace_back(m_world.now(), what); }
    void step() { m_engine.step(m_world.now()); }

    void standDown()
    {
        m_engine.letGoByHand();
        m_world.isLanding = true;
        m_engine.standDown();
        m_world.isLanding = false;
    }

    void weave()
    {
        note("edit");
        auto woven = std::make_unique<WovenTangle>(m_tangle);
        woven->number = m_recorder.noteTangle("tangle " + std::to_string(m_flown.size()));
        m_flown.push_back(m_tangle);
        m_engine.take(std::move(woven));
        m_recorder.drain();
    }

    void plug(std::size_t stick)
    {
        note("plug " + std::to_string(stick));
        m_there[stick] = m_world.plug(describe(m_tangle.rig[stick]), m_state[stick]);
        step();
    }

    /// One frame of a stick: one control or several together; at times it is heard late.
    void touch(std::size_t stick)
    {
        std::vector<RawMove> moves;
        for (auto count = m_chance.oneIn(4) ? 3 : 1; count > 0; --count) {
            const auto& controls = m_tangle.rig[stick].controls;
            const auto control = m_chance.below(controls.size());
            const auto kind = controls[control].kind;
            const bool isHatY = kind == ControlKind::Hat && m_chance.oneIn(2);
            const auto raw = kind == ControlKind::Axis
                                 ? static_cast<int>(m_chance.below(2001)) - 1000
                             : kind == ControlKind::Hat ? static_cast<int>(m_chance.below(3)) - 1
                                                        : static_cast<int>(m_chance.below(2));
            auto& state = m_state[stick][control];
            (isHatY ? state.y : state.x) = raw;
            moves.push_back({static_cast<std::uint16_t>(control), isHatY, raw});
        }
        note("touch " + std::to_string(stick));
        if (!m_there[stick]) return;
        const auto late = m_chance.oneIn(10) ? m_chance.below(80) : 0;
        m_world.move(*m_there[stick], moves, m_world.now() - std::chrono::milliseconds(late));
        step();
    }

    void hold()
    {
        const auto place = m_chance.target(
            m_chance.of(std::vector{ControlKind::Axis, ControlKind::Button, ControlKind::Hat}));
        note("hand at " + toText(place.control));
        const auto part = [&] { return static_cast<double>(m_chance.below(3)) - 1.0; };
        if (m_chance.oneIn(2))
            static_cast<void>(m_engine.holdByHand(place, {part(), part()}));
        else
            static_cast<void>(m_engine.letGoByHand(place));
    }

    void act()
    {
        m_world.setNow(m_world.now() + std::chrono::microseconds(m_chance.below(3000)));
        const auto at = m_chance.below(100);
        const auto stick = m_chance.below(m_tangle.rig.size());
        if (at < 62) {
            touch(stick);
        } else if (at < 75) {
            note("wait");
            m_engine.step(m_world.now() + std::chrono::milliseconds(m_chance.below(60)));
        } else if (at < 80) {
            hold();
        } else if (at < 84) {
            if (m_there[stick]) {
                note("unplug " + std::to_string(stick));
                m_world.unplug(*std::exchange(m_there[stick], std::nullopt));
                step();
            } else {
                plug(stick);
            }
        } else if (at < 88) {
            const auto& layer = m_chance.of(m_tangle.layers);
            note("flip " + layer.id);
            static_cast<void>(m_engine.flipLayer(layer.id));
        } else if (at < 91) {
            const auto& craft = m_chance.of(m_tangle.craft);
            note("fly " + craft.id);
            static_cast<void>(m_engine.chooseCraft(craft.id));
        } else if (at < 98) {
            m_chance.edit(m_tangle);
            weave();
        } else {
            note("down and live");
            standDown();
            m_engine.step(m_world.now() + std::chrono::seconds(2));  // the device has gone
            EXPECT_TRUE(m_engine.goLive());
        }
    }

    Chance m_chance;
    Tangle m_tangle;
    NotedWorld m_world;
    LiveMemory m_live;
    StatusBoard m_board;
    Engine m_engine;
    Recorder m_recorder;
    std::vector<Tangle> m_flown;  ///< by number
    std::vector<std::vector<Counts>> m_state;
    std::vector<std::optional<Handle>> m_there;
    std::vector<std::pair<Time, std::string>> m_acts;
};

TEST(ReplayFlight, OfWhatWasFlownSendsTheSame)
{
    const auto flights = howMany("JOLLY_REPLAYED_FLIGHTS", 1000);
    long lines = 0;
    for (unsigned seed = 1; seed <= static_cast<unsigned>(flights); ++seed) {
        ReplayedFlight flight(seed);
        flight.fly(400);
        const auto& sent = flight.sent();
        const auto replayed = flight.replayed();
        for (std::size_t i = 0; i < std::max(sent.size(), replayed.size()); ++i) {
            const auto was = i < sent.size() ? sent[i] : Sent{{}, "nothing"};
            const auto is = i < replayed.size() ? replayed[i] : Sent{{}, "nothing"};
            ASSERT_EQ(was.what, is.what)
                << "flight " << seed << ", " << i << " of " << sent.size() << ", at "
                << was.time.count() << " and " << is.time.count() << "\n"
                << flight.story(std::max(was.time, is.time));
        }
        lines += static_cast<long>(sent.size());
    }
    EXPECT_GT(lines, flights * 40);
}

}  // namespace
}  // namespace jolly::test
