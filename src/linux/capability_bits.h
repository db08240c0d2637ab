// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <cstdint>
#include <string_view>
#include <vector>

namespace jolly
{

/// The codes of one type that an input device has, as sysfs tells them to everybody, also of a
/// device that may not be read (/sys/class/input/event*/device/capabilities/, .../properties).
class CapabilityBits
{
 public:
    /// @param words  the kernel's bitmap: hexadecimal words of the machine's size, the highest
    /// first and leading zero words left out (input_print_bitmap() in drivers/input/input.c).
    explicit CapabilityBits(std::string_view words);

    [[nodiscard]] bool has(unsigned bit) const noexcept;

 private:
    std::vector<std::uint64_t> m_words;  ///< the lowest first
};

}  // namespace jolly
