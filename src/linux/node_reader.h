// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "ports/unique_fd.h"
#include "ports/world.h"

#include <linux/input.h>

#include <array>
#include <map>
#include <string>
#include <vector>

namespace jolly
{

/// Reads a virtual device's /dev/input/event* node as any game does.
class NodeReader : public GameReader
{
 public:
    /// NotAllowed when its permissions forbid it.
    [[nodiscard]] static Result<std::unique_ptr<NodeReader>> open(
        const std::string& path, const std::vector<VirtualSlot>& slots);

    [[nodiscard]] int fd() const noexcept override { return m_fd.get(); }
    [[nodiscard]] std::vector<Counts> state() const override { return m_state; }
    [[nodiscard]] bool read(std::vector<SeenChange>& changes, Time& time) override;

 private:
    NodeReader(UniqueFd fd, const std::vector<VirtualSlot>& slots);
    void fetchState();
    bool refill();
    void take(const input_event& event, std::vector<SeenChange>& changes);
    void tellDifference(const std::vector<Counts>& before, std::vector<SeenChange>& changes) const;

    UniqueFd m_fd;
    std::vector<VirtualSlot> m_slots;
    std::map<std::pair<unsigned, unsigned>, std::pair<std::uint16_t, bool>> m_places;  ///< by code
    std::vector<Counts> m_state;
    std::array<input_event, 64> m_events{};
    std::size_t m_next = 0;
    std::size_t m_count = 0;
    std::vector<SeenChange> m_frame;  ///< that is being read
    bool m_hasDropped = false;        ///< until the next report nothing counts
};

}  // namespace jolly
