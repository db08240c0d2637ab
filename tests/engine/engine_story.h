// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "engine/engine.h"
#include "pretend/memory_world.h"
#include "support/small_tangle.h"

#include <gmock/gmock.h>

namespace jolly::test
{

/// A desk with one small stick, an engine and a game that looks on, as a vocabulary.
class EngineStory : public testing::Test
{
 protected:
    EngineStory() : live(std::move(*LiveMemory::make())), engine(world, live.block(), board) {}

    void weave() { engine.take(std::make_unique<WovenTangle>(tangle)); }

    void plugIn(std::map<ControlCode, Counts> state = {})
    {
        const auto& rig = tangle.rig.front();
        std::vector<Counts> counts;
        for (const auto& control : rig.controls) counts.push_back(state[control.code]);
        stick = world.plug(describe(rig), counts);
        step();
    }

    void unplug()
    {
        world.unplug(stick);
        step();
    }

    /// Weaves, plugs in and goes live.
    void fly(std::map<ControlCode, Counts> state = {})
    {
        weave();
        plugIn(std::move(state));
        ASSERT_TRUE(engine.goLive());
    }

    void step() { engine.step(world.now()); }
    void waitFor(Time time) { engine.step(world.now() + time); }

    RawMove moveOf(ControlCode code, std::int32_t raw, bool isHatY = false) const
    {
        const auto& controls = tangle.rig.front().controls;
        const auto place = std::ranges::find(controls, code, &RigControl::code) - controls.begin();
        return {static_cast<std::uint16_t>(place), isHatY, raw};
    }

    void move(ControlCode code, std::int32_t raw)
    {
        world.move(stick, {moveOf(code, raw)});
        step();
    }
    void press(ControlCode code) { move(code, 1); }
    void release(ControlCode code) { move(code, 0); }

    /// What a game reads from the device now.
    std::int32_t gameSees(VirtualControl control, const char* name = "Jolly") const
    {
        const auto* device = world.device(name);
        if (!device || !device->isThere) return -99999;
        for (std::size_t i = 0; i < device->spec.slots.size(); ++i) {
            if (device->spec.slots[i].control == control) return device->spec.values[i].x;
        }
        return -99998;
    }

    std::size_t framesSent() const { return world.device("Jolly")->frames.size(); }

    std::string troubles() const
    {
        std::string text;
        for (const auto& trouble : board.get()->troubles)
            text += oneAfterOther(trouble.sentence, trouble.cure).english() + "\n";
        return text;
    }

    Tangle tangle = smallTangle();
    MemoryWorld world;
    LiveMemory live;
    StatusBoard board;
    Engine engine;
    Handle stick = 0;
};

}  // namespace jolly::test
