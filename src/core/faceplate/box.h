// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

namespace jolly
{

/// A rectangle of a drawing, in pixels from its top left corner.
struct Box {
    int left = 0;
    int top = 0;
    int width = 0;
    int height = 0;

    /// The first pixel behind it.
    [[nodiscard]] constexpr int right() const noexcept { return left + width; }
    /// The first pixel below it.
    [[nodiscard]] constexpr int bottom() const noexcept { return top + height; }

    friend bool operator==(const Box&, const Box&) = default;
};

}  // namespace jolly
