// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/flight/tape.h"

namespace jolly
{

namespace
{

constexpr unsigned kKindBits = 0x1f;
constexpr unsigned kFirst = 0x20;
constexpr unsigned kHatY = 0x40;
constexpr unsigned kSameTime = 0x80;

/// Small numbers of either sign as small ones without.
std::uint64_t folded(std::int64_t number)
{
    const auto bits = static_cast<std::uint64_t>(number);
    return (bits << 1U) ^ (number < 0 ? ~std::uint64_t{0} : std::uint64_t{0});
}

std::int64_t unfolded(std::uint64_t bits)
{
    return static_cast<std::int64_t>((bits >> 1U) ^ (~(bits & 1U) + 1U));
}

std::int64_t& rawOf(std::vector<std::int64_t>& raws, const Happening& happening)
{
    const auto place = 2 * static_cast<std::size_t>(happening.what) + (happening.isHatY ? 1U : 0U);
    if (place >= raws.size()) raws.resize(place + 1);
    return raws[place];
}

}  // namespace

void TapeWriter::put(std::uint64_t number)
{
    while (number >= 0x80) {
        m_bytes.push_back(static_cast<char>(number | 0x80U));
        number >>= 7U;
    }
    m_bytes.push_back(static_cast<char>(number));
}

void TapeWriter::putSigned(std::int64_t number)
{
    put(folded(number));
}

void TapeWriter::write(const Happening& happening)
{
    const auto time = happening.time.count();
    unsigned head = static_cast<unsigned>(happening.kind);
    if (happening.isFirst) head |= kFirst;
    if (happening.isHatY) head |= kHatY;
    if (time == m_time) head |= kSameTime;
    m_bytes.push_back(static_cast<char>(head));
    put(happening.what);
    if (time != m_time) putSigned(time - m_time);
    m_time = time;
    if (!happening.hasTrack()) return putSigned(happening.raw);
    auto& before = rawOf(m_raws, happening);
    putSigned(happening.raw - before);
    before = happening.raw;
}

void TapeWriter::clear()
{
    m_bytes.clear();
    m_raws.clear();
    m_time = 0;
}

std::uint64_t TapeReader::number()
{
    std::uint64_t value = 0;
    for (unsigned shift = 0; shift < 64; shift += 7) {
        if (m_at >= m_bytes.size()) break;
        const auto byte = static_cast<unsigned char>(m_bytes[m_at++]);
        value |= static_cast<std::uint64_t>(byte & 0x7fU) << shift;
        if ((byte & 0x80U) == 0) return value;
    }
    m_isDamaged = true;
    return 0;
}

std::int64_t TapeReader::signedNumber()
{
    return unfolded(number());
}

std::optional<Happening> TapeReader::next()
{
    if (m_isDamaged || m_at >= m_bytes.size()) return std::nullopt;
    const unsigned head = static_cast<unsigned char>(m_bytes[m_at++]);
    const auto kind = head & kKindBits;
    const auto what = number();
    const auto later = (head & kSameTime) != 0 ? 0 : signedNumber();
    m_time = static_cast<std::int64_t>(static_cast<std::uint64_t>(m_time) +
                                       static_cast<std::uint64_t>(later));
    m_isDamaged = m_isDamaged || kind >= Happening::kKinds || what >= kMostTracks;
    if (m_isDamaged) return std::nullopt;
    Happening happening{.kind = static_cast<Happening::Kind>(kind),
                        .isHatY = (head & kHatY) != 0,
                        .isFirst = (head & kFirst) != 0,
                        .what = static_cast<std::uint32_t>(what),
                        .time = Time(m_time)};
    auto raw = signedNumber();
    if (happening.hasTrack()) {
        auto& before = rawOf(m_raws, happening);
        raw = before = static_cast<std::int32_t>(static_cast<std::uint64_t>(before) +
                                                 static_cast<std::uint64_t>(raw));
    }
    happening.raw = static_cast<std::int32_t>(raw);
    if (m_isDamaged) return std::nullopt;
    return happening;
}

}  // namespace jolly
