// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/listen/drawn_keyboard.h"

#include "app/listen/key_codes.h"
#include "app/style/theme.h"
#include "core/goals/keys.h"

#include <linux/input-event-codes.h>

#include <QGridLayout>
#include <algorithm>

namespace jolly::app
{

namespace
{

/// A key and how many quarters of a usual one it is wide; code 0 leaves room.
struct Key {
    std::uint16_t code;
    int quarters = 4;
};

using Row = std::vector<Key>;

/// The rows of the usual keyboard for a hundred keys, each 60 quarters wide, and those that only
/// programs press.
const std::vector<Row>& rows()
{
    static const std::vector<Row> kRows = {
        {{KEY_ESC, 6},
         {KEY_F1},
         {KEY_F2},
         {KEY_F3},
         {KEY_F4},
         {KEY_F5},
         {KEY_F6},
         {KEY_F7},
         {KEY_F8},
         {KEY_F9},
         {KEY_F10},
         {KEY_F11},
         {KEY_F12},
         {KEY_SYSRQ, 6}},
        {{KEY_GRAVE},
         {KEY_1},
         {KEY_2},
         {KEY_3},
         {KEY_4},
         {KEY_5},
         {KEY_6},
         {KEY_7},
         {KEY_8},
         {KEY_9},
         {KEY_0},
         {KEY_MINUS},
         {KEY_EQUAL},
         {KEY_BACKSPACE, 8}},
        {{KEY_TAB, 6},
         {KEY_Q},
         {KEY_W},
         {KEY_E},
         {KEY_R},
         {KEY_T},
         {KEY_Y},
         {KEY_U},
         {KEY_I},
         {KEY_O},
         {KEY_P},
         {KEY_LEFTBRACE},
         {KEY_RIGHTBRACE},
         {KEY_BACKSLASH, 6}},
        {{KEY_CAPSLOCK, 7},
         {KEY_A},
         {KEY_S},
         {KEY_D},
         {KEY_F},
         {KEY_G},
         {KEY_H},
         {KEY_J},
         {KEY_K},
         {KEY_L},
         {KEY_SEMICOLON},
         {KEY_APOSTROPHE},
         {KEY_ENTER, 9}},
        {{KEY_LEFTSHIFT, 6},
         {KEY_102ND},
         {KEY_Z},
         {KEY_X},
         {KEY_C},
         {KEY_V},
         {KEY_B},
         {KEY_N},
         {KEY_M},
         {KEY_COMMA},
         {KEY_DOT},
         {KEY_SLASH},
         {KEY_RIGHTSHIFT, 10}},
        {{KEY_LEFTCTRL, 6},
         {KEY_LEFTMETA, 5},
         {KEY_LEFTALT, 5},
         {KEY_SPACE, 22},
         {KEY_RIGHTALT, 5},
         {KEY_RIGHTMETA, 5},
         {KEY_COMPOSE, 6},
         {KEY_RIGHTCTRL, 6}},
        {{KEY_INSERT, 6},
         {KEY_HOME, 6},
         {KEY_PAGEUP, 6},
         {0, 8},
         {KEY_NUMLOCK, 8},
         {KEY_KPSLASH, 8},
         {KEY_KPASTERISK, 8},
         {KEY_KPMINUS, 10}},
        {{KEY_DELETE, 6},
         {KEY_END, 6},
         {KEY_PAGEDOWN, 6},
         {0, 8},
         {KEY_KP7, 8},
         {KEY_KP8, 8},
         {KEY_KP9, 8},
         {KEY_KPPLUS, 10}},
        {{KEY_SCROLLLOCK, 9},
         {KEY_PAUSE, 9},
         {0, 8},
         {KEY_KP4, 8},
         {KEY_KP5, 8},
         {KEY_KP6, 8},
         {KEY_KPENTER, 10}},
        {{0, 6}, {KEY_UP, 6}, {0, 14}, {KEY_KP1, 8}, {KEY_KP2, 8}, {KEY_KP3, 8}, {0, 10}},
        {{KEY_LEFT, 6}, {KEY_DOWN, 6}, {KEY_RIGHT, 6}, {0, 8}, {KEY_KP0, 16}, {KEY_KPDOT, 8}},
        {{KEY_F13, 5},
         {KEY_F14, 5},
         {KEY_F15, 5},
         {KEY_F16, 5},
         {KEY_F17, 5},
         {KEY_F18, 5},
         {KEY_F19, 5},
         {KEY_F20, 5},
         {KEY_F21, 5},
         {KEY_F22, 5},
         {KEY_F23, 5},
         {KEY_F24, 5}}};
    return kRows;
}

}  // namespace

DrawnKeyboard::DrawnKeyboard(QWidget* parent) : QWidget(parent)
{
    setObjectName(QStringLiteral("drawn keyboard"));
    auto* grid = new QGridLayout(this);
    grid->setContentsMargins(0, 0, 0, 0);
    grid->setSpacing(2);
    int line = 0;
    for (const auto& row : rows()) {
        int at = 0;
        for (const auto& key : row) {
            if (key.code != 0) {
                const auto name = keyName(key.code);
                auto* button = new QPushButton(name, this);
                button->setObjectName(QStringLiteral("key %1").arg(key.code));
                button->setToolTip(name);
                button->setCheckable(true);
                button->setFont(textFont(TextSize::Small));
                button->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Fixed);
                setTone(*button, "key");
                connect(button, &QPushButton::clicked, this,
                        [this, code = key.code](bool isOn) { toggle(code, isOn); });
                grid->addWidget(button, line, at, 1, key.quarters);
                m_keys.emplace_back(key.code, button);
            }
            at += key.quarters;
        }
        ++line;
    }
    for (int column = 0; column < grid->columnCount(); ++column) grid->setColumnStretch(column, 1);
}

void DrawnKeyboard::toggle(std::uint16_t code, bool isOn)
{
    std::erase(m_chosen, code);
    if (isOn) m_chosen.push_back(code);
    if (m_chosen.size() > Chord::kMost) m_chosen.erase(m_chosen.begin());
    choose(std::vector(m_chosen));
    Q_EMIT chosenChanged();
}

void DrawnKeyboard::choose(const std::vector<std::uint16_t>& keys)
{
    m_chosen = keys;
    for (const auto& [code, button] : m_keys)
        button->setChecked(std::ranges::find(m_chosen, code) != m_chosen.end());
}

}  // namespace jolly::app
