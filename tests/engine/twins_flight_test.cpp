// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/flight/compare.h"
#include "engine/recorder.h"
#include "engine_story.h"
#include "support/how_many.h"

#include <random>

/// Alike controllers that come and go while everything else happens, too: nothing stays pressed,
/// whoever is there is what the fresh one would be, and the recording gives the flight again.
namespace jolly::test
{
namespace
{

constexpr const char* kPorts[] = {"usb-1", "usb-2", "usb-3"};
constexpr ControlCode kControls[] = {kX, kY, kTrigger, kThumb, kToggle};

class TwinsFlight : public EngineStory
{
 protected:
    TwinsFlight() : recorder(live.block(), board)
    {
        tangle.rig[0].identity.phys = kPorts[0];
        auto twin = smallStick("twin");
        twin.identity.phys = kPorts[1];
        tangle.rig.push_back(twin);
        tangle.layers.push_back({.id = "two", .name = "Two"});
        add("stick", kX, axis(1), "base");
        add("twin", kX, axis(2), "base");
        add("stick", kTrigger, button(1), "base");
        add("twin", kTrigger, button(2), "base");
        add("stick", kThumb, button(3), "base");
        add("twin", kThumb, button(3), "base");
        add("stick", kTrigger, button(4), "two");
        add("twin", kX, axis(2), "two").stages = {{Invert{}}};
        add("stick", kToggle, button(5), "base");
    }

    Strand& add(const std::string& controller, ControlCode from, VirtualControl to,
                const std::string& layer)
    {
        auto& strand = addStrand(tangle, from, to);
        strand.source.controller = controller;
        strand.layer = layer;
        return strand;
    }

    void weaveRecorded()
    {
        auto woven = std::make_unique<WovenTangle>(tangle);
        woven->number = recorder.noteTangle("tangle " + std::to_string(flown.size()));
        flown.push_back(tangle);
        engine.take(std::move(woven));
        recorder.drain();
    }

    void plug(std::size_t port)
    {
        auto description = describe(tangle.rig[0]);
        description.identity.phys = kPorts[port];
        there[port] = world.plug(description, state[port]);
        step();
    }
    void unplug(std::size_t port)
    {
        world.unplug(*std::exchange(there[port], std::nullopt));
        step();
    }

    /// A hand moves what is there; what stands stays where it was when it is plugged in again.
    void touch(std::size_t port, ControlCode code, std::int32_t raw)
    {
        const auto one = moveOf(code, raw);
        state[port][one.control].x = raw;
        if (!there[port]) return;
        world.move(*there[port], {one});
        step();
    }

    void actAtRandom()
    {
        const auto port = below(3);
        const auto at = below(100);
        world.setNow(world.now() + std::chrono::microseconds(below(4000)));
        if (at < 60) {
            const auto code = kControls[below(std::size(kControls))];
            const bool isAxis = code.type == EventType::Abs;
            touch(port, code,
                  static_cast<int>(isAxis ? below(2001) : below(2)) - (isAxis ? 1000 : 0));
        } else if (at < 78) {
            there[port] ? unplug(port) : plug(port);
        } else if (at < 84) {
            EXPECT_TRUE(engine.flipLayer("two"));
        } else if (at < 88) {
            engine.standDown();
            step();
            ASSERT_TRUE(engine.goLive());
        } else if (at < 92) {
            tangle.rig[0].identity.phys = kPorts[below(2) * 2];  // another one is meant
            weaveRecorded();
        } else if (at < 96) {
            tangle.strands[0].isOn = !tangle.strands[0].isOn;
            weaveRecorded();
        } else {
            waitFor(std::chrono::milliseconds(below(30)));
        }
    }

    /// Whatever was done: with all hands off, nothing is pressed.
    void letGoOfAll()
    {
        for (std::size_t port = 0; port < there.size(); ++port) {
            for (const auto code : {kTrigger, kThumb, kToggle}) touch(port, code, 0);
        }
        for (std::uint16_t n = 1; n <= 5; ++n)
            EXPECT_EQ(gameSees(button(n)), 0) << "button " << n << " after act " << acts;
    }

    /// With one stick at each of the tangle's ports the desk is as a fresh engine finds it.
    void comesToWhatAFreshOneFinds()
    {
        for (std::size_t port = 0; port < there.size(); ++port) {
            if (there[port]) unplug(port);
        }
        engine.standDown();
        step();
        ASSERT_TRUE(engine.goLive());
        for (const auto& rig : tangle.rig) {
            for (std::size_t port = 0; port < std::size(kPorts); ++port) {
                if (rig.identity.phys == kPorts[port]) plug(port);
            }
        }
        for (std::size_t port = 0; port < there.size(); ++port) {
            for (const auto code : {kX, kY})
                touch(port, code, static_cast<int>(below(2001)) - 1000);
        }
        if ((live.block().header.layers & 2U) != 0) {
            EXPECT_TRUE(engine.flipLayer("two"));
        }
        step();
        const auto expected = [&](const std::string& id) {
            const auto& rig = *std::ranges::find(tangle.rig, id, &RigController::id);
            const auto port = std::ranges::find(kPorts, rig.identity.phys) - std::begin(kPorts);
            const auto raw = state[static_cast<std::size_t>(port)][moveOf(kX, 0).control].x;
            return raw >= 0 ? raw * 32767 / 1000 : raw * 32768 / 1000;
        };
        if (tangle.strands[0].isOn) {
            EXPECT_NEAR(gameSees(axis(1)), expected("stick"), 40) << acts;
        }
        EXPECT_NEAR(gameSees(axis(2)), expected("twin"), 40) << acts;
    }

    std::uint64_t below(std::uint64_t limit) { return random() % limit; }

    Recorder recorder;
    std::vector<Tangle> flown;  ///< by number
    std::array<std::optional<Handle>, 3> there{};
    std::array<std::vector<Counts>, 3> state{std::vector<Counts>(smallStick().controls.size()),
                                             std::vector<Counts>(smallStick().controls.size()),
                                             std::vector<Counts>(smallStick().controls.size())};
    std::mt19937_64 random{26};
    long acts = 0;
};

TEST_F(TwinsFlight, NothingStaysPressedAndTheRecordingGivesItAgain)
{
    weaveRecorded();
    ASSERT_TRUE(engine.goLive());
    const auto wanted = howMany("JOLLY_TWIN_ACTS", 30'000);
    for (; acts < wanted && !HasFailure(); ++acts) {
        actAtRandom();
        if (acts % 50 == 49) letGoOfAll();
        if (acts % 500 == 499) comesToWhatAFreshOneFinds();
        if (acts % 100 == 99) recorder.drain();
    }
    const auto compared = firstDifferenceFromFlown(
        recorder.recording(), [this](std::uint32_t number) { return flown.at(number); });
    ASSERT_TRUE(compared) << compared.error().text();
    if (*compared)
        ADD_FAILURE() << "at " << (*compared)->time.count() << " "
                      << toText((*compared)->place.control) << ": recorded "
                      << (*compared)->first.value_or(Counts{}).x << ", replayed "
                      << (*compared)->second.value_or(Counts{}).x;
    EXPECT_GT(flown.size(), 100U);
}

}  // namespace
}  // namespace jolly::test
