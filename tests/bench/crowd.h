// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/tangle/tangle.h"

#include <string>

namespace jolly::test
{

/// Adds `strands` strands from the 256 buttons of a controller that is away to the first buttons of
/// the first virtual device: what has nothing to do with what is measured.
inline void addCrowd(Tangle& tangle, std::size_t strands)
{
    constexpr std::uint16_t kControls = 256;
    constexpr std::uint16_t kButtons = 8;
    RigController crowd{.id = "crowd", .alias = "Crowd"};
    crowd.identity = {3, 0x6a01, 0x0100, 1, "Crowd", "", "usb-crowd"};
    for (std::uint16_t i = 0; i < kControls; ++i) {
        const auto code = static_cast<std::uint16_t>(0x100 + i);
        crowd.controls.push_back({.code = {EventType::Key, code}, .kind = ControlKind::Button});
    }
    for (std::size_t i = 0; i < strands; ++i) {
        const auto button = static_cast<std::uint16_t>(i % kButtons + 1);
        tangle.strands.push_back(
            {.id = "other-" + std::to_string(i),
             .name = "Other",
             .source = {"crowd", crowd.controls[i % kControls].code},
             .ends = endsAt({{tangle.devices.front().id, {ControlKind::Button, button}}})});
    }
    tangle.rig.push_back(std::move(crowd));
}

}  // namespace jolly::test
