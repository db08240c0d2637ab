// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/faceplate/box.h"

#include <algorithm>

namespace jolly
{

/// Puts things side by side and begins a new line when one does not fit.
class Flow
{
 public:
    Flow(int left, int top, int width) : m_left(left), m_right(left + width), m_x(left), m_y(top) {}

    Box place(int width, int height)
    {
        if (m_x > m_left && m_x + width > m_right) newLine();
        const Box rect{m_x, m_y, width, height};
        m_x += width + m_space;
        m_line = std::max(m_line, height);
        return rect;
    }

    void newLine()
    {
        if (m_line > 0) m_y += m_line + m_space;
        m_x = m_left;
        m_line = 0;
    }

    /// What is left of the line, to its right.
    [[nodiscard]] Box rest() const { return {m_x, m_y, std::max(0, m_right - m_x), m_line}; }

    void setSpace(int space) { m_space = space; }
    [[nodiscard]] int bottom() const { return m_y + m_line; }

 private:
    int m_left;
    int m_right;
    int m_x;
    int m_y;
    int m_line = 0;
    int m_space = 10;
};

}  // namespace jolly
