// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/plain_output.h"

#include <algorithm>
#include <array>

namespace jolly
{

namespace
{

constexpr unsigned char kC2 = 0xc2;  // UTF-8: U+0080 to U+009F are this and a byte from 80 to 9f

constexpr bool isControl(unsigned char c)
{
    return (c < 0x20 && c != '\n' && c != '\t') || c == 0x7f;
}

/// Whether a byte goes through as it is, by the byte: nearly all do.
constexpr auto kIsPlain = [] {
    std::array<bool, 256> table{};
    for (std::size_t byte = 0; byte < table.size(); ++byte)
        table[byte] = !isControl(static_cast<unsigned char>(byte)) && byte != kC2;
    return table;
}();

bool isPlain(char c)
{
    return kIsPlain[static_cast<unsigned char>(c)];
}

}  // namespace

PlainOutput::int_type PlainOutput::overflow(int_type c)
{
    if (traits_type::eq_int_type(c, traits_type::eof())) return traits_type::not_eof(c);
    const auto byte = static_cast<unsigned char>(traits_type::to_char_type(c));
    const bool wasAfterC2 = m_isAfterC2;
    m_isAfterC2 = byte == kC2;
    if (m_isAfterC2) {  // what it is shows with the next byte
        if (wasAfterC2) m_below->sputc(static_cast<char>(kC2));
        return c;
    }
    const bool isHigh = wasAfterC2 && byte >= 0x80 && byte <= 0x9f;
    if (isHigh || isControl(byte)) return m_below->sputc('?');
    if (wasAfterC2) m_below->sputc(static_cast<char>(kC2));
    return m_below->sputc(static_cast<char>(byte));
}

std::streamsize PlainOutput::xsputn(const char* text, std::streamsize size)
{
    const char* const end = text + size;
    for (const char* at = text; at < end;) {
        const char* const stop = m_isAfterC2 ? at : std::find_if_not(at, end, isPlain);
        m_below->sputn(at, stop - at);
        at = stop;
        if (at < end) overflow(traits_type::to_int_type(*at++));
    }
    return size;
}

}  // namespace jolly
