// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/tangle/controller.h"
#include "core/value/result.h"
#include "core/value/time.h"
#include "linux/node_filter.h"
#include "ports/unique_fd.h"

#include <libevdev/libevdev.h>

#include <array>
#include <bitset>
#include <cstdint>
#include <memory>
#include <string>
#include <utility>
#include <vector>

namespace jolly
{

/// One /dev/input/event* node that is read.
class EventNode
{
 public:
    /// Opens a node and takes its state. NotAllowed when its permissions forbid it.
    [[nodiscard]] static Result<std::unique_ptr<EventNode>> open(const std::string& path,
                                                                 ControllerKind kind);

    /// Takes the state of a node that is open already.
    [[nodiscard]] static Result<std::unique_ptr<EventNode>> from(UniqueFd fd,
                                                                 const std::string& path,
                                                                 ControllerKind kind);

    [[nodiscard]] int fd() const noexcept { return m_fd.get(); }

    /// The controller that it belongs to, as its world numbers it.
    [[nodiscard]] std::uint32_t owner() const noexcept { return m_owner; }
    void setOwner(std::uint32_t owner) noexcept { m_owner = owner; }

    [[nodiscard]] const std::string& path() const noexcept { return m_path; }
    [[nodiscard]] Identity identity() const;

    [[nodiscard]] ControllerKind kind() const noexcept { return m_kind; }

    /// Its controls: axes, buttons, hats, turners, each by ascending code. `node` numbers it.
    [[nodiscard]] std::vector<ControlDescription> controls(std::uint8_t node) const;

    /// The counts of each of controls(), as they stand.
    [[nodiscard]] std::vector<Counts> state() const;

    /// Numbers the moves of its controls from `first` on. Call before reading.
    void number(std::uint16_t first);

    enum class ReadStatus : std::uint8_t { Frame, Nothing, Gone };

    /// Reads one whole frame into `moves`, which is emptied first. After the kernel lost events the
    /// frame holds what differs from before. RT-safe: `moves` keeps its capacity of kMostMoves.
    [[nodiscard]] ReadStatus readFrame(std::vector<RawMove>& moves, Time& time) noexcept;
    static constexpr std::size_t kMostMoves = 1024;

    /// Whether the kernel dropped events since the last call: they were not read fast enough.
    [[nodiscard]] bool takeLoss() noexcept { return std::exchange(m_hasLost, false); }

    /// Grabs the node and clears the kernel's own noise filter and dead zone, which coarsen every
    /// HID axis (hid-input.c gives fuzz = range / 256, flat = range / 16). What changed meanwhile
    /// comes with the next readFrame().
    [[nodiscard]] Fallible grab();

    /// Whether readFrame() has something to tell although the node itself is silent: what changed
    /// while it was being grabbed.
    [[nodiscard]] bool hasNews() const noexcept { return m_isSyncing || m_isToCompare; }

    /// Gives it back as it was.
    void release();

    /// Clears the kernel's filter also while the node is not grabbed, or no longer.
    void setStraight(bool isStraight);

    EventNode(const EventNode&) = delete;
    EventNode& operator=(const EventNode&) = delete;

 private:
    struct Device {
        void operator()(libevdev* device) const noexcept { libevdev_free(device); }
    };

    static constexpr std::size_t kMostEvents = 64;

    EventNode(std::string path, ControllerKind kind, UniqueFd fd,
              std::unique_ptr<libevdev, Device> device);
    [[nodiscard]] ReadStatus refill() noexcept;
    [[nodiscard]] ReadStatus readDifference(std::vector<RawMove>& moves, Time& time) noexcept;
    [[nodiscard]] ReadStatus compare(std::vector<RawMove>& moves, Time& time) noexcept;
    void beginSync() noexcept;
    void take(const input_event& event, std::vector<RawMove>& moves) noexcept;

    std::string m_path;
    ControllerKind m_kind;
    std::uint32_t m_owner = 0;
    UniqueFd m_fd;
    NodeFilter m_filter;
    std::unique_ptr<libevdev, Device> m_device;
    std::array<std::uint16_t, KEY_CNT> m_keys{};  ///< place of each code's control, or kNoControl
    std::array<std::uint16_t, ABS_CNT> m_axes{};
    std::array<std::uint16_t, REL_CNT> m_turners{};
    std::array<std::int32_t, ABS_CNT> m_counts{};     ///< as they were read last, by code
    std::bitset<KEY_CNT> m_areDown;                   ///< likewise
    std::array<input_event, kMostEvents> m_events{};  ///< read and not yet taken
    std::size_t m_next = 0;
    std::size_t m_count = 0;
    bool m_isDrained = false;  ///< the last read left nothing behind
    bool m_isStraight = false;
    bool m_isSyncing = false;
    bool m_isToCompare = false;  ///< once all that waits was read
    bool m_hasLost = false;
    bool m_isGrabbed = false;
};

}  // namespace jolly
