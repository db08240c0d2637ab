// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/value/control_code.h"

#include <libevdev/libevdev.h>
#include <linux/input-event-codes.h>

#include <charconv>

namespace jolly
{

namespace
{

constexpr unsigned kAbsCount = 0x40;
constexpr unsigned kRelCount = 0x10;
constexpr unsigned kKeyCount = 0x300;

struct Family {
    std::string_view prefix;
    EventType type;
    unsigned count;
};

constexpr Family kFamilies[] = {
    {"ABS_", EventType::Abs, kAbsCount},
    {"REL_", EventType::Rel, kRelCount},
    {"BTN_", EventType::Key, kKeyCount},
    {"KEY_", EventType::Key, kKeyCount},
};

std::optional<unsigned> parseNumber(std::string_view digits, int base)
{
    unsigned number = 0;
    const auto* end = digits.data() + digits.size();
    const auto [stop, error] = std::from_chars(digits.data(), end, number, base);
    if (error != std::errc{} || stop != end) return std::nullopt;
    return number;
}

std::optional<ControlCode> parseWithoutNode(std::string_view text)
{
    for (const auto& family : kFamilies) {
        if (!text.starts_with(family.prefix)) continue;
        const auto rest = text.substr(family.prefix.size());
        if (rest.starts_with("0x")) {
            const auto number = parseNumber(rest.substr(2), 16);
            if (!number || *number >= family.count) return std::nullopt;
            return ControlCode{family.type, static_cast<std::uint16_t>(*number)};
        }
        const std::string name(text);
        const int code =
            libevdev_event_code_from_name(static_cast<unsigned>(family.type), name.c_str());
        if (code < 0 || static_cast<unsigned>(code) >= family.count) return std::nullopt;
        return ControlCode{family.type, static_cast<std::uint16_t>(code)};
    }
    return std::nullopt;
}

std::string unnamed(ControlCode code)
{
    constexpr char kDigits[] = "0123456789abcdef";
    std::string text = code.type == EventType::Abs   ? "ABS_0x"
                       : code.type == EventType::Rel ? "REL_0x"
                                                     : "BTN_0x";
    for (int shift = code.code > 0xff ? 8 : 4; shift >= 0; shift -= 4) {
        text += kDigits[(code.code >> shift) & 0xf];
    }
    return text;
}

}  // namespace

std::string toText(ControlCode code)
{
    const char* name = libevdev_event_code_get_name(static_cast<unsigned>(code.type), code.code);
    std::string text = name ? name : unnamed(code);
    if (code.node > 0) text += "@" + std::to_string(code.node + 1);
    return text;
}

std::string shortTextOf(ControlCode code)
{
    const auto text = toText(code);
    return text.substr(text.find('_') + 1);
}

std::optional<ControlCode> parseControlCode(std::string_view text)
{
    const auto at = text.find('@');
    auto code = parseWithoutNode(text.substr(0, at));
    if (!code || at == std::string_view::npos) return code;
    const auto node = parseNumber(text.substr(at + 1), 10);
    if (!node || *node < 2 || *node > 255) return std::nullopt;
    code->node = static_cast<std::uint8_t>(*node - 1);
    return code;
}

bool isHatCode(ControlCode code) noexcept
{
    return code.type == EventType::Abs && code.code >= ABS_HAT0X && code.code <= ABS_HAT3Y;
}

ControlCode hatOf(ControlCode code) noexcept
{
    return {code.type, static_cast<std::uint16_t>(code.code & ~1U), code.node};
}

bool isHatY(ControlCode code) noexcept
{
    return isHatCode(code) && (code.code & 1U) != 0;
}

}  // namespace jolly
