// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

/// Sizes that faceplates of all kinds share, in pixels.
namespace jolly
{

inline constexpr int kLabel = 17;  ///< the line with a name below a drawing
inline constexpr int kBar = 14;    ///< how high a lying axis is
inline constexpr int kDot = 28;    ///< a round button
inline constexpr int kDial = 64;   ///< a hat, or an endless dial

}  // namespace jolly
