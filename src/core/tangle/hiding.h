// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/value/sentence.h"

#include <array>
#include <cstdint>

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
    Words label;
    Words sentence;  ///< what it means for games
};

inline constexpr std::array<HidingWords, 4> kHidings = {
    {{Hiding::None, words("Leave it to games, too"),
      words("Games hear it beside the virtual devices.")},
     {Hiding::Held, words("Hold it while live"), words("Games still list it, but do not hear it.")},
     {Hiding::OursAlone, words("Hold it, ours alone"),
      words("Games that start while we are live do not even list it; the installed helper does "
            "that.")},
     {Hiding::FromLaunched, words("Hide it from launched games"),
      words("Games started with \"tangle launch\" do not list it; everything else goes on hearing "
            "it.")}}};

static_assert(kHidings.size() == static_cast<std::size_t>(Hiding::FromLaunched) + 1);

[[nodiscard]] constexpr const HidingWords& wordsFor(Hiding hiding) noexcept
{
    return kHidings[static_cast<std::size_t>(hiding)];
}

}  // namespace jolly
