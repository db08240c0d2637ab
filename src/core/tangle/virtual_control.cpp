// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/tangle/virtual_control.h"

#include <charconv>
#include <utility>

namespace jolly
{

namespace
{

constexpr std::pair<std::string_view, ControlKind> kKinds[] = {{"axis ", ControlKind::Axis},
                                                               {"button ", ControlKind::Button},
                                                               {"hat ", ControlKind::Hat},
                                                               {"turner ", ControlKind::Turner}};

}  // namespace

std::string toText(VirtualControl control)
{
    for (const auto& [word, kind] : kKinds) {
        if (kind == control.kind) return std::string(word) + std::to_string(control.number);
    }
    return {};
}

Sentence nameOf(VirtualControl control)
{
    return controlName(control.kind, control.number);
}

std::optional<VirtualControl> parseVirtualControl(std::string_view text)
{
    for (const auto& [word, kind] : kKinds) {
        if (!text.starts_with(word)) continue;
        const auto digits = text.substr(word.size());
        std::uint16_t number = 0;
        const auto* end = digits.data() + digits.size();
        const auto [stop, error] = std::from_chars(digits.data(), end, number);
        if (error != std::errc{} || stop != end || number == 0) return std::nullopt;
        return VirtualControl{kind, number};
    }
    return std::nullopt;
}

}  // namespace jolly
