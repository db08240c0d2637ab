// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/flight/happening.h"

#include <cstdint>
#include <optional>
#include <string>
#include <string_view>
#include <vector>

namespace jolly
{

/// Writes happenings as bytes, three to seven for each (docs/formats/recording.md): a head, `what`,
/// the time since the one before unless that is the same, and counts as the difference to what the
/// track stood at before.
class TapeWriter
{
 public:
    void write(const Happening& happening);

    [[nodiscard]] const std::string& bytes() const noexcept { return m_bytes; }
    void clear();

 private:
    void put(std::uint64_t number);
    void putSigned(std::int64_t number);

    std::string m_bytes;
    std::vector<std::int64_t> m_raws;  ///< twice for each track: both halves of a hat
    std::int64_t m_time = 0;
};

/// Reads what a TapeWriter wrote.
class TapeReader
{
 public:
    /// @param bytes  stay for as long as this lives.
    explicit TapeReader(std::string_view bytes) : m_bytes(bytes) {}

    /// The next happening; nothing at the end, or where the bytes make no sense.
    [[nodiscard]] std::optional<Happening> next();

    /// Whether it ended before the bytes did: they are damaged.
    [[nodiscard]] bool isDamaged() const noexcept { return m_isDamaged; }

    /// Tracks with larger numbers no recording has.
    static constexpr std::uint32_t kMostTracks = 1U << 20U;

 private:
    [[nodiscard]] std::uint64_t number();
    [[nodiscard]] std::int64_t signedNumber();

    std::string_view m_bytes;
    std::size_t m_at = 0;
    std::vector<std::int64_t> m_raws;
    std::int64_t m_time = 0;
    bool m_isDamaged = false;
};

}  // namespace jolly
