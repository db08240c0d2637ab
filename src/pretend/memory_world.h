// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "ports/world.h"
#include "pretend/memory_reader.h"

#include <cstdint>
#include <deque>
#include <optional>
#include <set>
#include <span>
#include <string_view>
#include <vector>

namespace jolly
{

/// A world in memory: what happens in it is said by its owner, and virtual devices land in it where
/// they can be looked at. Its clock stands until it is moved on. Faults can be planted.
///
/// The owner's calls and the World's are made on one thread.
class MemoryWorld : public World
{
 public:
    /// A virtual device as a game would see it.
    struct Device {
        VirtualSpec spec;  ///< `values` is what it holds now
        Handle handle = 0;
        bool isThere = true;
        std::vector<std::vector<VirtualMove>> frames;  ///< all of them, when recording
        std::vector<std::weak_ptr<MemoryPipe>> readers;
    };

    struct Faults {
        std::optional<Failure> create;  ///< every create() fails with it
        std::optional<Failure> hold;    ///< every hold() fails with it
        std::optional<Failure> alone;   ///< every keepAlone() fails with it
        WriteStatus write = WriteStatus::Written;
        bool isDeaf = false;  ///< readers of virtual devices get nothing of what is written
    };

    // World
    [[nodiscard]] Time now() const noexcept override { return m_now; }
    void wait(Time deadline, WorldListener& listener) override;
    void wake() noexcept override {}
    [[nodiscard]] Fallible hold(Handle controller) override;
    void letGo(Handle controller) override;
    void keepAlone(std::span<const Handle> controllers) override;
    void setStraight(Handle controller, bool isStraight) override;
    [[nodiscard]] Result<Handle> create(const VirtualSpec& spec) override;
    [[nodiscard]] WriteStatus write(Handle device,
                                    std::span<const VirtualMove> moves) noexcept override;
    [[nodiscard]] Result<std::unique_ptr<GameReader>> openAsGame(Handle device) override;
    void destroy(Handle device) override;

    // What happens
    Handle plug(const ControllerDescription& description, std::vector<Counts> state = {});
    void unplug(Handle controller);
    /// One frame of moves; delivered by the next wait().
    /// @param stamp  when they moved; nothing for the moment in which they are delivered.
    void move(Handle controller, std::vector<RawMove> moves, std::optional<Time> stamp = {});
    /// The kernel drops events of a controller.
    void lose(Handle controller) { add(Event::Kind::Loss, controller); }
    void say(const Problem& problem);
    /// Whoever kept controllers alone for us is gone.
    void loseAlone(const Failure& why);
    void setNow(Time now) noexcept { m_now = now; }
    void record(bool isRecording) noexcept { m_isRecording = isRecording; }
    /// Devices that were taken away are remembered until then.
    void forgetGone();
    Faults faults;

    // What is there
    [[nodiscard]] bool isHeld(Handle controller) const;
    [[nodiscard]] bool isAlone(Handle controller) const { return m_alone.contains(controller); }
    [[nodiscard]] bool isStraight(Handle controller) const;
    /// The device of that name that is there, or the last one that was; null when there never was.
    [[nodiscard]] const Device* device(std::string_view name) const;
    [[nodiscard]] std::size_t deviceCount() const;

 private:
    struct Event {
        enum class Kind : std::uint8_t {
            Plug,
            Unplug,
            Moves,
            Loss,
            Alone,
            Trouble
        } kind = Kind::Moves;
        Handle controller = 0;
        ControllerDescription description{};
        std::vector<Counts> state{};
        std::vector<RawMove> moves{};
        std::optional<Time> stamp{};
        Problem problem{};
        Fallible done{};
    };

    Event& add(Event::Kind kind, Handle controller = 0);

    Time m_now{std::chrono::seconds(1)};
    Handle m_nextHandle = 1;
    std::deque<Event> m_events;
    std::vector<Handle> m_held;
    std::set<Handle> m_straight;
    std::set<Handle> m_alone;
    std::vector<Device> m_devices;
    bool m_isRecording = true;
};

}  // namespace jolly
