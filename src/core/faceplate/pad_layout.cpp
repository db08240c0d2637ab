// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/faceplate/pad_layout.h"
#include "core/faceplate/plate_sizes.h"

#include <linux/input-event-codes.h>

#include <algorithm>

namespace jolly
{

namespace
{

constexpr int kBetween = 8;
constexpr int kCell = kDot + 1;
constexpr int kLeastStick = 56;
constexpr int kMostStick = 84;

/// The kernel's pad driver sends 0x133 for the left face button and 0x134 for the top one.
struct Letter {
    std::uint16_t code;
    Words letter;
};
constexpr Letter kLetters[] = {
    {BTN_SOUTH, words("S")},   {BTN_EAST, words("E")},   {0x133, words("W")},
    {0x134, words("N")},       {BTN_TL, words("L1")},    {BTN_TR, words("R1")},
    {BTN_TL2, words("L2")},    {BTN_TR2, words("R2")},   {BTN_SELECT, words("se")},
    {BTN_START, words("st")}, {BTN_MODE, words("mo")}, {BTN_THUMBL, words("L")},
    {BTN_THUMBR, words("R")}};

/// Puts the drawings of a gamepad down, row by row.
class PadDrawing
{
 public:
    PadDrawing(const Plate& plate, int width, int top) : m_plate(plate), m_width(width), m_top(top)
    {
    }

    void placeTriggers()
    {
        const int half = (m_width - kBetween) / 2;
        const int before = m_top;
        axis(ABS_Z, {0, before, half, kBar + kLabel});
        axis(ABS_RZ, {half + kBetween, before, half, kBar + kLabel});
        if (!m_items.empty()) m_top += kBar + kLabel + kBetween;
    }

    void placeShoulders()
    {
        const int quarter = m_width / 4;
        const int middle = m_width / 2;
        button(BTN_TL, quarter / 2, m_top);
        button(BTN_TL2, quarter / 2 + kCell, m_top);
        button(BTN_SELECT, middle - kCell, m_top);
        button(BTN_MODE, middle, m_top);
        button(BTN_START, middle + kCell, m_top);
        button(BTN_TR2, m_width - quarter / 2 - kCell, m_top);
        button(BTN_TR, m_width - quarter / 2, m_top);
        m_top += kDot + kBetween;
    }

    /// Two rows: the left stick beside the face buttons, the cross beside the right stick.
    void placeSticks()
    {
        const int stick = std::clamp((m_width - 3 * kCell) / 3, kLeastStick, kMostStick);
        pad(ABS_X, ABS_Y, {0, m_top, stick, stick + kLabel});
        button(BTN_THUMBL, stick + kCell / 2 + 2, m_top + stick - kDot);
        placeFace(m_top);
        m_top += std::max(stick + kLabel, 3 * kCell) + kBetween;
        hat({(stick - kDial) / 2 + kCell, m_top, kDial, kDial + kLabel});
        const int right = m_width - stick - kCell;
        pad(ABS_RX, ABS_RY, {right, m_top, stick, stick + kLabel});
        button(BTN_THUMBR, right - kCell / 2 - 2, m_top + stick - kDot);
    }

    /// The cross at the left, the face at the right, what else there is between them.
    void placeButtons()
    {
        placeShoulders();
        hat({0, m_top, kDial, kDial + kLabel});
        placeFace(m_top);
        const int middle = (kDial + m_width - 3 * kCell) / 2;
        button(BTN_THUMBL, middle, m_top);
        button(BTN_THUMBR, middle, m_top + 2 * kCell);
    }

    std::vector<PlateItem> take() { return std::move(m_items); }

 private:
    [[nodiscard]] int find(EventType type, std::uint16_t code, ControlKind kind) const
    {
        const auto found = std::ranges::find_if(m_plate.controls, [&](const PlateControl& c) {
            return c.code == ControlCode{type, code} && c.kind == kind;
        });
        return found == m_plate.controls.end() ? -1
                                               : static_cast<int>(found - m_plate.controls.begin());
    }

    /// @param middle  of the dot, across.
    void button(std::uint16_t code, int middle, int top)
    {
        const int place = find(EventType::Key, code, ControlKind::Button);
        if (place >= 0)
            m_items.push_back({Shape::Button, {place}, {middle - kDot / 2, top, kDot, kDot}});
    }

    void placeFace(int top)
    {
        const int middle = m_width - 3 * kCell / 2;
        button(0x134, middle, top);
        button(0x133, middle - kCell, top + kCell);
        button(BTN_EAST, middle + kCell, top + kCell);
        button(BTN_SOUTH, middle, top + 2 * kCell);
    }

    void axis(std::uint16_t code, Box box)
    {
        const int place = find(EventType::Abs, code, ControlKind::Axis);
        if (place >= 0) m_items.push_back({Shape::Bar, {place}, box});
    }

    void pad(std::uint16_t x, std::uint16_t y, Box box)
    {
        const int across = find(EventType::Abs, x, ControlKind::Axis);
        const int upright = find(EventType::Abs, y, ControlKind::Axis);
        if (across >= 0 && upright >= 0) m_items.push_back({Shape::Pad, {across, upright}, box});
    }

    void hat(Box box)
    {
        const int place = find(EventType::Abs, ABS_HAT0X, ControlKind::Hat);
        if (place >= 0) m_items.push_back({Shape::Hat, {place}, box});
    }

    const Plate& m_plate;
    int m_width;
    int m_top;
    std::vector<PlateItem> m_items;
};

}  // namespace

bool hasPadButtons(const Plate& plate)
{
    return std::ranges::any_of(plate.controls, [](const PlateControl& control) {
        return control.code == ControlCode{EventType::Key, BTN_SOUTH};
    });
}

Sentence padLetter(ControlCode button)
{
    const auto found = std::ranges::find(kLetters, button.code, &Letter::code);
    const bool isOne = button.type == EventType::Key && found != std::end(kLetters);
    return isOne ? Sentence(found->letter) : Sentence();
}

std::vector<PlateItem> padItems(const Plate& plate, int width, int top)
{
    PadDrawing drawing(plate, width, top);
    drawing.placeTriggers();
    drawing.placeShoulders();
    drawing.placeSticks();
    return drawing.take();
}

std::vector<PlateItem> padButtonItems(const Plate& plate, int width, int top)
{
    PadDrawing drawing(plate, width, top);
    drawing.placeButtons();
    return drawing.take();
}

}  // namespace jolly
