// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <array>
#include <cstdint>
#include <string_view>

namespace jolly
{

/// How a controller is kept out of the games' way while live.
enum class Hiding : std::uint8_t {
    None,          ///< games hear it beside the virtual devices
    Held,          ///< grabbed: games list it, but do not hear it
    OursAlone,     ///< held, and nobody else may open it: games that start then do not list it
    FromLaunched,  ///< games started by "tangle launch" do not list it; all others hear it
};

/// Whether it is grabbed while live.
[[nodiscard]] constexpr bool isHeldWhileLive(Hiding hiding) noexcept
{
    return hiding == Hiding::Held || hiding == Hiding::OursAlone;
}

/// A strength in words.
struct HidingWords {
    Hiding hiding;
    std::string_view label;
    std::string_view sentence;  ///< what it means for games
};

inline constexpr std::array<HidingWords, 4> kHidings = {
    {{Hiding::None, "Leave it to games, too", "Games hear it beside the virtual devices."},
     {Hiding::Held, "Hold it while live", "Games still list it, but do not hear it."},
     {Hiding::OursAlone, "Hold it, ours alone",
      "Games that start while we are live do not even list it; the installed helper does that."},
     {Hiding::FromLaunched, "Hide it from launched games",
      "Games started with \"tangle launch\" do not list it; everything else goes on hearing it."}}};

static_assert(kHidings.size() == static_cast<std::size_t>(Hiding::FromLaunched) + 1);

[[nodiscard]] constexpr const HidingWords& wordsFor(Hiding hiding) noexcept
{
    return kHidings[static_cast<std::size_t>(hiding)];
}

}  // namespace jolly
