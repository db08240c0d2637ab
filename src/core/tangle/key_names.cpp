// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/tangle/key_names.h"

#include <linux/input-event-codes.h>

#include <algorithm>

namespace jolly
{

namespace
{

struct KeyRow {
    std::uint16_t code;
    Words name;
    const char* cap;
};

/// Keys whose kernel name is not what stands on them.
constexpr KeyRow kRows[] = {
    {KEY_ESC, words("Esc"), "Esc"},
    {KEY_TAB, words("Tab"), "Tab"},
    {KEY_ENTER, words("Enter"), "Ent"},
    {KEY_SPACE, words("Space"), "Spc"},
    {KEY_BACKSPACE, words("Backspace"), "Bsp"},
    {KEY_CAPSLOCK, words("Caps Lock"), "Cap"},
    {KEY_LEFTCTRL, words("left Ctrl"), "Ctl"},
    {KEY_RIGHTCTRL, words("right Ctrl"), "Ctl"},
    {KEY_LEFTSHIFT, words("left Shift"), "Shf"},
    {KEY_RIGHTSHIFT, words("right Shift"), "Shf"},
    {KEY_LEFTALT, words("left Alt"), "Alt"},
    {KEY_RIGHTALT, words("right Alt"), "Alt"},
    {KEY_LEFTMETA, words("left Meta"), "Met"},
    {KEY_RIGHTMETA, words("right Meta"), "Met"},
    {KEY_COMPOSE, words("Menu"), "Men"},
    {KEY_LEFT, words("left arrow"), "←"},
    {KEY_RIGHT, words("right arrow"), "→"},
    {KEY_UP, words("up arrow"), "↑"},
    {KEY_DOWN, words("down arrow"), "↓"},
    {KEY_HOME, words("Home"), "Hom"},
    {KEY_END, words("End"), "End"},
    {KEY_PAGEUP, words("Page Up"), "PgU"},
    {KEY_PAGEDOWN, words("Page Down"), "PgD"},
    {KEY_INSERT, words("Insert"), "Ins"},
    {KEY_DELETE, words("Delete"), "Del"},
    {KEY_SYSRQ, words("Print"), "Prt"},
    {KEY_SCROLLLOCK, words("Scroll Lock"), "Scr"},
    {KEY_PAUSE, words("Pause"), "Pau"},
    {KEY_NUMLOCK, words("Num Lock"), "Num"},
    {KEY_MINUS, words("-"), "-"},
    {KEY_EQUAL, words("="), "="},
    {KEY_LEFTBRACE, words("["), "["},
    {KEY_RIGHTBRACE, words("]"), "]"},
    {KEY_SEMICOLON, words(";"), ";"},
    {KEY_APOSTROPHE, words("'"), "'"},
    {KEY_GRAVE, words("`"), "`"},
    {KEY_BACKSLASH, words("\\"), "\\"},
    {KEY_COMMA, words(","), ","},
    {KEY_DOT, words("."), "."},
    {KEY_SLASH, words("/"), "/"},
    {KEY_102ND, words("<"), "<"},
    {KEY_KPASTERISK, words("keypad *"), "*"},
    {KEY_KPPLUS, words("keypad +"), "+"},
    {KEY_KPMINUS, words("keypad -"), "-"},
    {KEY_KPSLASH, words("keypad /"), "/"},
    {KEY_KPDOT, words("keypad ."), "."},
    {KEY_KPENTER, words("keypad Enter"), "Ent"},
    {KEY_KP0, words("keypad 0"), "0"},
    {KEY_KP1, words("keypad 1"), "1"},
    {KEY_KP2, words("keypad 2"), "2"},
    {KEY_KP3, words("keypad 3"), "3"},
    {KEY_KP4, words("keypad 4"), "4"},
    {KEY_KP5, words("keypad 5"), "5"},
    {KEY_KP6, words("keypad 6"), "6"},
    {KEY_KP7, words("keypad 7"), "7"},
    {KEY_KP8, words("keypad 8"), "8"},
    {KEY_KP9, words("keypad 9"), "9"},
};

const KeyRow* rowOf(ControlCode key)
{
    const auto found = std::ranges::find(kRows, key.code, &KeyRow::code);
    return key.type == EventType::Key && found != std::end(kRows) ? found : nullptr;
}

}  // namespace

Sentence keyName(ControlCode key)
{
    const auto* row = rowOf(key);
    return row ? Sentence(row->name) : Sentence(shortTextOf({key.type, key.code, 0}));
}

std::string capName(ControlCode key)
{
    constexpr std::size_t kMost = 3;
    const auto* row = rowOf(key);
    return row ? row->cap : shortTextOf({key.type, key.code, 0}).substr(0, kMost);
}

}  // namespace jolly
