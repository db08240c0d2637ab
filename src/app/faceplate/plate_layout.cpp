// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/faceplate/plate.h"

#include <linux/input-event-codes.h>

#include <algorithm>

namespace jolly::app
{

namespace
{

constexpr int kLabel = 17;
constexpr int kSpace = 10;
constexpr int kPad = 104;
constexpr int kMini = 48;
constexpr int kLeverWidth = 64;
constexpr int kLeverHeight = 128;
constexpr int kRoomForSmallThings = 120;  ///< to the right of levers
constexpr int kBar = 14;
constexpr int kDial = 64;
constexpr int kDot = 28;
constexpr int kToggleWidth = 48;
constexpr int kToggleHeight = 34;
constexpr int kRow = 31;
constexpr int kVirtualDot = 19;
constexpr int kVirtualInARow = 16;

/// Puts things side by side and begins a new line when one does not fit.
class Flow
{
 public:
    Flow(int left, int top, int width) : m_left(left), m_right(left + width), m_x(left), m_y(top) {}

    QRect place(int width, int height)
    {
        if (m_x > m_left && m_x + width > m_right) newLine();
        const QRect rect(m_x, m_y, width, height);
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

    void setSpace(int space) { m_space = space; }
    [[nodiscard]] int bottom() const { return m_y + m_line; }

 private:
    int m_left;
    int m_right;
    int m_x;
    int m_y;
    int m_line = 0;
    int m_space = kSpace;
};

/// Sorts a controller's controls into the parts of its faceplate.
struct Parts {
    std::vector<int> pad;     ///< X and Y of a stick
    std::vector<int> mini;    ///< RX and RY of a thumb stick
    std::vector<int> bars;    ///< other two-sided axes
    std::vector<int> levers;  ///< one-sided axes
    std::vector<int> hats;
    std::vector<int> turners;
    std::vector<int> toggles;
    std::vector<int> buttons;

    explicit Parts(const PlateControls& controls)
    {
        takePair(controls, ABS_X, ABS_Y, pad);
        takePair(controls, ABS_RX, ABS_RY, mini);
        for (int i = 0; i < static_cast<int>(controls.size()); ++i)
            sort(controls[static_cast<std::size_t>(i)], i);
    }

    [[nodiscard]] bool hasSmallThings() const
    {
        return !(hats.empty() && turners.empty() && toggles.empty() && buttons.empty() &&
                 mini.empty());
    }

 private:
    static void takePair(const PlateControls& controls, int x, int y, std::vector<int>& pair)
    {
        const auto find = [&](int code) {
            const auto found = std::ranges::find_if(controls, [code](const auto& c) {
                return c.kind == ControlKind::Axis && c.code == code && c.sides == Sides::Two;
            });
            return static_cast<int>(found - controls.begin());
        };
        const auto none = static_cast<int>(controls.size());
        if (find(x) != none && find(y) != none) pair = {find(x), find(y)};
    }

    void sort(const PlateControl& control, int i)
    {
        if (std::ranges::count(pad, i) + std::ranges::count(mini, i) > 0) return;
        switch (control.kind) {
            case ControlKind::Axis:
                (control.sides == Sides::Two ? bars : levers).push_back(i);
                break;
            case ControlKind::Hat:
                hats.push_back(i);
                break;
            case ControlKind::Turner:
                turners.push_back(i);
                break;
            case ControlKind::Button:
                (control.buttonKind == ButtonKind::Switch ? toggles : buttons).push_back(i);
                break;
        }
    }
};

class ControllerLayout
{
 public:
    ControllerLayout(const PlateControls& controls, int width) : m_parts(controls), m_width(width)
    {
    }

    PlateLayout run()
    {
        if (m_parts.pad.empty()) placeWideBars();
        const int left = placeLeft();
        const int leftBottom = m_bottom;
        if (m_parts.hasSmallThings()) placeRight(left);
        m_layout.height = std::max(leftBottom, m_bottom);
        return std::move(m_layout);
    }

 private:
    void add(Shape shape, std::vector<int> controls, QRect rect)
    {
        m_layout.items.push_back({shape, std::move(controls), rect});
    }

    void placeWideBars()
    {
        for (const int i : m_parts.bars) {
            add(Shape::Bar, {i}, QRect(0, m_top, m_width, kBar + kLabel));
            m_top += kBar + kLabel + kSpace;
        }
        m_bottom = std::max(0, m_top - kSpace);
    }

    /// @return the width it took.
    int placeLeft()
    {
        if (!m_parts.pad.empty()) {
            add(Shape::Pad, m_parts.pad, QRect(0, m_top, kPad, kPad + kLabel));
            int y = m_top + kPad + kLabel + 4;
            for (const auto* axes : {&m_parts.bars, &m_parts.levers}) {
                for (const int i : *axes) {
                    add(Shape::Bar, {i}, QRect(0, y, kPad, kBar + kLabel));
                    y += kBar + kLabel + 4;
                }
            }
            m_bottom = y - 4;
            return kPad + kSpace + 4;
        }
        if (m_parts.levers.empty()) return 0;
        if (!m_parts.hasSmallThings()) return placeHalfBars();
        const auto room =
            static_cast<std::size_t>(std::max(1, (m_width - kRoomForSmallThings) / kLeverWidth));
        const int standing = static_cast<int>(std::min(room, m_parts.levers.size()));
        const int width = standing * kLeverWidth;
        int bottom = m_top + kLeverHeight + kLabel;
        for (int n = 0; n < static_cast<int>(m_parts.levers.size()); ++n) {
            const int i = m_parts.levers[static_cast<std::size_t>(n)];
            if (n < standing) {
                add(Shape::Lever, {i},
                    QRect(n * kLeverWidth, m_top, kLeverWidth, kLeverHeight + kLabel));
            } else {
                add(Shape::Bar, {i}, QRect(0, bottom + 4, width, kBar + kLabel));
                bottom += kBar + kLabel + 4;
            }
        }
        m_bottom = bottom;
        return width + kSpace;
    }

    int placeHalfBars()
    {
        Flow flow(0, m_top, m_width);
        for (const int i : m_parts.levers) {
            add(Shape::Bar, {i}, flow.place((m_width - kSpace) / 2, kBar + kLabel));
        }
        m_bottom = flow.bottom();
        return 0;
    }

    void placeRight(int left)
    {
        Flow flow(left, m_top, m_width - left);
        flow.setSpace(4);
        for (const int i : m_parts.hats) add(Shape::Hat, {i}, flow.place(kDial, kDial + kLabel));
        if (!m_parts.mini.empty())
            add(Shape::Pad, m_parts.mini, flow.place(kDial, kMini + kLabel + (kDial - kMini)));
        for (const int i : m_parts.turners)
            add(Shape::Turner, {i}, flow.place(kDial, kDial + kLabel));
        flow.newLine();
        flow.setSpace(4);
        for (const int i : m_parts.toggles)
            add(Shape::Toggle, {i}, flow.place(kToggleWidth, kToggleHeight + kLabel - 2));
        flow.newLine();
        for (const int i : m_parts.buttons) add(Shape::Button, {i}, flow.place(kDot, kDot));
        m_bottom = flow.bottom();
    }

    Parts m_parts;
    PlateLayout m_layout;
    int m_width;
    int m_top = 0;
    int m_bottom = 0;
};

}  // namespace

PlateLayout layOutController(const PlateControls& controls, int width)
{
    return ControllerLayout(controls, width).run();
}

PlateLayout layOutVirtual(const PlateControls& controls, int width)
{
    PlateLayout layout;
    Flow rows(0, 0, width);
    rows.setSpace(0);
    const auto placeAll = [&](ControlKind kind, Shape shape, int itemWidth, int itemHeight) {
        for (int i = 0; i < static_cast<int>(controls.size()); ++i) {
            if (controls[static_cast<std::size_t>(i)].kind != kind) continue;
            layout.items.push_back({shape, {i}, rows.place(itemWidth, itemHeight)});
        }
        rows.newLine();
    };
    placeAll(ControlKind::Axis, Shape::Row, width, kRow);
    placeAll(ControlKind::Button, Shape::Button, width / kVirtualInARow, kVirtualDot + 3);
    rows.place(width, 4);
    rows.newLine();
    placeAll(ControlKind::Hat, Shape::Hat, std::max(kDial + 20, width / 4), kDial + kLabel);
    layout.height = rows.bottom();
    return layout;
}

}  // namespace jolly::app
