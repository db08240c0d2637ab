// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "engine/engine_door.h"
#include "engine/live_layout.h"
#include "engine/live_ring.h"
#include "engine/read_back.h"
#include "ports/unique_fd.h"
#include "ports/world.h"

#include <atomic>
#include <condition_variable>
#include <memory>
#include <mutex>
#include <thread>
#include <vector>

namespace jolly
{

/// Reads the virtual devices back as a game does, on a thread of its own, while a client wants it:
/// a reader costs a little at every event. What it reads stands beside what was sent in the live
/// block; what was sent and is not read back after kPatience is a fault.
class Lookout
{
 public:
    /// A client that wants it asks again before so much time is over.
    static constexpr std::chrono::seconds kLease{3};
    static constexpr Time kOpenAgain = std::chrono::milliseconds(500);
    static constexpr Time kPatience = std::chrono::milliseconds(250);

    Lookout(LiveBlock& live, EngineDoor& door);
    ~Lookout();

    /// Any thread.
    void ask();

 private:
    struct Eye {
        ReadBack back;
        Time differsSince = Time::max();
    };

    void run();
    void look();
    void openSeats();
    void closeSeats();
    void wait();
    void takeSent();
    void readSeat(GameSeat& seat);
    void see(std::uint32_t slot, const SeenChange& change, ControlKind kind, Time time);
    void countDelays();
    void judge(Time now);
    void ring() noexcept;

    LiveBlock& m_live;
    EngineDoor& m_door;
    std::mutex m_mutex;  ///< of the next three
    std::condition_variable m_wanted;
    std::chrono::steady_clock::time_point m_until{};
    bool m_isEnding = false;
    UniqueFd m_bell;
    std::vector<GameSeat> m_seats;
    std::vector<Eye> m_eyes;  ///< by slot
    std::vector<LiveSeen> m_seen;
    std::vector<SeenChange> m_changes;
    std::uint64_t m_position = 0;
    std::uint64_t m_edition = 0;
    Time m_openAgain = Time::max();  ///< when some device could not be read
    std::thread m_thread;
};

}  // namespace jolly
