// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "pretend/memory_world.h"
#include "pretend/world_file.h"

#include <cstdint>
#include <vector>

namespace jolly
{

/// The world of a file, running in real time: controllers move by their script, virtual devices
/// land in memory.
class PretendWorld : public MemoryWorld
{
 public:
    explicit PretendWorld(PretendScript script);
    ~PretendWorld() override;
    PretendWorld(const PretendWorld&) = delete;
    PretendWorld& operator=(const PretendWorld&) = delete;

    [[nodiscard]] Time now() const noexcept override;
    void wait(Time deadline, WorldListener& listener) override;
    void wake() noexcept override;
    void destroy(Handle device) override;

 private:
    struct Actor {
        std::size_t place = 0;  ///< in the script
        Handle handle = 0;
        bool isThere = false;
        Time next{};
        std::uint64_t tick = 0;
        std::vector<Counts> state{};
        std::vector<RawMove> moves{};
    };

    [[nodiscard]] const PretendController& scriptOf(const Actor& actor) const;
    void sleepUntil(Time time) noexcept;
    void act(Actor& actor, Time now, WorldListener& listener);
    void comeOrGo(Actor& actor, Time sinceStart, WorldListener& listener);
    void report(Actor& actor, Time sinceStart, WorldListener& listener);
    void reportControl(Actor& actor, std::size_t control, Time sinceStart) noexcept;

    PretendScript m_script;
    std::vector<Actor> m_actors;
    Time m_start;
    int m_bell;
};

}  // namespace jolly
