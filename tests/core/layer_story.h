// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/weave/weave.h"
#include "machine_story.h"

namespace jolly::test
{

/// The story of a tangle with two layers, whose strands stand in any of them.
class Layers : public MachineStory
{
 protected:
    Layers()
    {
        tangle.rig[0].controls.push_back({.code = kFourth, .kind = ControlKind::Button});
        tangle.rig[0].controls.push_back({.code = kFifth, .kind = ControlKind::Button});
        tangle.layers.push_back({.id = "water", .name = "On water"});
        tangle.layers.push_back({.id = "trim", .name = "Trim held"});
    }

    static constexpr ControlCode kFourth{EventType::Key, 0x123};
    static constexpr ControlCode kFifth{EventType::Key, 0x124};

    Strand& weave(const std::string& layer, ControlCode from, VirtualControl to,
                  std::vector<Stage> stages = {})
    {
        auto& strand = addStrand(tangle, from, to, std::move(stages));
        strand.layer = layer;
        return strand;
    }
    void engageBy(ControlCode from, const std::string& layer, Engage engage = Engage::Hold,
                  std::vector<Stage> stages = {})
    {
        addStrand(tangle, from, button(1), std::move(stages)).ends[0].goal =
            LayerGoal{layer, engage};
    }
    Layer& layer(std::size_t place) { return tangle.layers[place]; }

    void pressAndSee(ControlCode code)
    {
        press(code);
        static_cast<void>(seen());
    }
    void releaseAndSee(ControlCode code)
    {
        release(code);
        static_cast<void>(seen());
    }

    /// Which of the first eight buttons are pressed.
    std::string pressed()
    {
        static_cast<void>(seen());
        std::string numbers;
        for (std::uint16_t n = 1; n <= 8; ++n)
            numbers += at(button(n)) == 1 ? std::to_string(n) : "";
        return numbers;
    }
    std::string tap(ControlCode code)
    {
        press(code);
        auto numbers = pressed();
        release(code);
        return numbers;
    }
    std::string engaged() const
    {
        std::string text;
        for (std::uint32_t l = 1; l < machine->plan().layers.size(); ++l)
            text += machine->layers().isEngaged(l) ? machine->plan().layers[l].id + " " : "";
        return text;
    }
};

}  // namespace jolly::test
