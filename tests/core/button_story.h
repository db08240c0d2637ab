// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/tangle/signals.h"
#include "machine_story.h"

namespace jolly::test
{

/// A small stick whose buttons, hat and dial lead through one stage, or straight to a button.
class ButtonStory : public MachineStory
{
 protected:
    /// A control through `stage`, outlet by outlet to control 1, 2 and so on of what it gives.
    Strand& weave(StageParameters stage, ControlCode from = kTrigger)
    {
        tangle = smallTangle();
        auto& strand = addStrand(tangle, from, button(1), {{std::move(stage)}});
        const auto kind = signalsOf(tangle, strand).back().kind;
        strand.ends.clear();
        std::uint16_t number = 1;
        for (const auto& outlet : outletsOf(strand))
            strand.ends.push_back({outlet, Target{"jolly", {kind, number++}}});
        start();
        return strand;
    }

    /// The trigger, straight to button 1 as `how` says.
    void weaveEnd(How how, double pulse = 40.0)
    {
        tangle = smallTangle();
        auto& end = addStrand(tangle, kTrigger, button(1)).ends.front();
        end.how = how;
        end.pulse = pulse;
        start();
    }

    /// What happens until `ms`, as "ms: control = counts".
    std::vector<std::string> until(int ms)
    {
        std::vector<std::string> lines;
        const auto tell = [&] {
            for (const auto& line : seen())
                lines.push_back(std::to_string(now / kMs) + ": " + line);
        };
        tell();
        while (machine->nextTick() <= ms * kMs) {
            now = machine->nextTick();
            machine->tick(now);
            tell();
        }
        now = ms * kMs - Time(1);
        return lines;
    }

    /// The place of the first virtual hat among the outputs.
    [[nodiscard]] std::uint32_t hatPlace() const
    {
        const auto& outputs = machine->plan().outputs;
        const auto found = std::ranges::find_if(
            outputs, [](const PlanOutput& output) { return output.layout.control == hat(1); });
        return static_cast<std::uint32_t>(found - outputs.begin());
    }

    void hatAt(int x, int y)
    {
        move(kHat, x);
        moveHatY(y);
    }

    /// Which of the first eight buttons are pressed.
    std::string pressed() const
    {
        std::string numbers;
        for (std::uint16_t n = 1; n <= 8; ++n)
            numbers += at(button(n)) == 1 ? std::to_string(n) : "";
        return numbers;
    }
};

}  // namespace jolly::test
