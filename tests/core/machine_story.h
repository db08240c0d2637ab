// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/plan/machine.h"
#include "support/lose.h"
#include "support/small_tangle.h"

#include <gmock/gmock.h>

#include <map>
#include <memory>

namespace jolly::test
{

/// A running tangle as a story: move, press, and see what came out since the last look.
class MachineStory : public testing::Test
{
 protected:
    void start() { machine = std::make_unique<Machine>(compile(tangle)); }

    std::uint32_t input(ControlCode code) const { return *machine->plan().inputOf(0, code); }
    void prime(ControlCode code, std::int32_t raw)
    {
        machine->prime(input(code), {raw, 0});
        machine->begin(now);
    }
    void move(ControlCode code, std::int32_t raw) { machine->move(input(code), false, raw, ++now); }
    void moveHatY(std::int32_t raw) { machine->move(input(kHat), true, raw, ++now); }
    void wait(int ms)
    {
        now += ms * kMs;
        machine->tick(now);
    }
    void press(ControlCode code) { move(code, 1); }
    void release(ControlCode code) { move(code, 0); }

    std::vector<std::string> seen()
    {
        std::vector<std::string> lines;
        machine->takeChanges(now, [&](const Change& change) {
            const auto control = machine->plan().outputs[change.output].layout.control;
            lines.push_back(
                toText(control) + " = " + std::to_string(change.raw.x) +
                (control.kind == ControlKind::Hat ? "," + std::to_string(change.raw.y) : ""));
        });
        return lines;
    }

    std::int32_t at(VirtualControl control) const
    {
        for (std::uint32_t i = 0; i < machine->plan().outputs.size(); ++i) {
            if (machine->plan().outputs[i].layout.control == control)
                return machine->meetings().raw(i).x;
        }
        return -1;
    }

    void edit()
    {
        auto next = std::make_unique<Machine>(compile(tangle));
        for (const auto& control : tangle.rig[0].controls) {
            next->prime(*next->plan().inputOf(0, control.code), raws[control.code]);
        }
        next->takeOver(*machine, now);
        machine = std::move(next);
    }

    Tangle tangle = smallTangle();
    std::unique_ptr<Machine> machine;
    std::map<ControlCode, Counts> raws;
    Time now{};
};

}  // namespace jolly::test
