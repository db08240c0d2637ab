// SPDX-License-Identifier: GPL-3.0-or-later
#include "linux/capability_bits.h"

#include <algorithm>
#include <charconv>

namespace jolly
{

namespace
{

constexpr unsigned kWordBits = 8 * sizeof(long);

}  // namespace

CapabilityBits::CapabilityBits(std::string_view words)
{
    const char* at = words.data();
    const char* end = at + words.size();
    while (at != end) {
        std::uint64_t word = 0;
        const auto [next, error] = std::from_chars(at, end, word, 16);
        if (error == std::errc{}) m_words.push_back(word);
        at = std::find_if(next, end, [](char c) { return c != ' ' && c != '\n'; });
        if (error != std::errc{}) break;
    }
    std::ranges::reverse(m_words);
}

bool CapabilityBits::has(unsigned bit) const noexcept
{
    const std::size_t word = bit / kWordBits;
    return word < m_words.size() && (m_words[word] >> (bit % kWordBits) & 1U) != 0;
}

}  // namespace jolly
