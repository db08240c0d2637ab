// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "ports/unique_fd.h"
#include "ports/world.h"

#include <linux/input.h>

#include <cstdint>
#include <memory>
#include <span>
#include <string>
#include <string_view>
#include <vector>

namespace jolly
{

/// One virtual device in the kernel; gone when this object or its process is.
class UinputDevice
{
 public:
    /// Makes the device with all its values in place. Its node appears shortly after.
    [[nodiscard]] static Result<std::unique_ptr<UinputDevice>> make(const VirtualSpec& spec);

    /// Writes one frame with one system call. RT-safe.
    [[nodiscard]] WriteStatus write(std::span<const VirtualMove> moves) noexcept;

    /// Moves every axis by one count and back, in two frames: readers that show an axis only after
    /// its first report see the truth then. RT-safe.
    void nudge() noexcept;

    [[nodiscard]] const std::vector<VirtualSlot>& slots() const noexcept { return m_slots; }

    /// Its /dev/input/event* node; empty while there is none.
    [[nodiscard]] std::string node() const;

 private:
    UinputDevice(UniqueFd fd, const VirtualSpec& spec);
    [[nodiscard]] static int setUp(int fd, const VirtualSpec& spec);
    void append(ControlCode code, std::int32_t value) noexcept;
    [[nodiscard]] WriteStatus send() noexcept;

    UniqueFd m_fd;
    std::vector<VirtualSlot> m_slots;
    std::vector<std::int32_t> m_axes;  ///< counts by slot; of axes alone they are looked at
    std::vector<input_event> m_frame;  ///< as large as it can get
    std::size_t m_size = 0;            ///< of the present frame
};

}  // namespace jolly
