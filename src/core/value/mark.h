// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <cstdint>
#include <string_view>

namespace jolly
{

/// A number by which two texts are told apart; the same for the same text, in every program.
/// @par Source  FNV-1a of 64 bits: G. Fowler, L. C. Noll, K.-P. Vo, "The FNV Non-Cryptographic Hash
/// Algorithm", IETF draft.
[[nodiscard]] constexpr std::uint64_t markOf(std::string_view text) noexcept
{
    std::uint64_t mark = 0xcbf29ce484222325U;
    for (const char c : text) {
        mark ^= static_cast<unsigned char>(c);
        mark *= 0x100000001b3U;
    }
    return mark;
}

}  // namespace jolly
