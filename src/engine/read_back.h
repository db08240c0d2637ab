// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/value/time.h"

#include <cstddef>
#include <cstdint>
#include <deque>
#include <vector>

namespace jolly
{

/// Brings together what was sent of one control and what a reader read of it, and tells how long
/// each took. Either may be told first: a reader may be faster than the engine's own account.
class ReadBack
{
 public:
    /// More than so many are not kept: the oldest is forgotten.
    static constexpr std::size_t kMostKept = 4096;

    struct Value {
        std::int32_t raw = 0;
        bool isHatY = false;
        Time time{};  ///< sent: of the move it came of; read: of the kernel's stamp
    };

    void send(const Value& sent);
    void read(const Value& read);
    void forget();

    /// The delays of those that met since the last call, the oldest first.
    [[nodiscard]] const std::vector<Time>& meet();

 private:
    std::deque<Value> m_sent;
    std::deque<Value> m_read;
    std::vector<Time> m_delays;
};

}  // namespace jolly
