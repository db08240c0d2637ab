// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/tangle/problem.h"
#include "core/tangle/tangle.h"
#include "core/tangle/virtual_layout.h"
#include "core/value/result.h"
#include "core/value/time.h"

#include <cstdint>
#include <memory>
#include <span>
#include <string>
#include <vector>

namespace jolly
{

/// A world's number for a controller or virtual device while it exists; never used again.
using Handle = std::uint32_t;

/// What a new virtual device is to be.
struct VirtualSpec {
    std::string name;
    VirtualKind kind = VirtualKind::Joystick;
    VirtualIds ids{};
    std::string phys{};
    std::vector<VirtualSlot> slots;
    std::vector<Counts> values;  ///< what the slots hold from the first moment, one for each
};

/// One change of one control of a virtual device.
struct VirtualMove {
    std::uint16_t slot = 0;
    Counts raw;
};

enum class WriteStatus : std::uint8_t { Written, Gone, Refused };

/// One change of a virtual device as a reader of it got it: the place of its control in
/// VirtualSpec::slots. Of a turner the counts that it turned.
struct SeenChange {
    std::uint16_t slot = 0;
    bool isHatY = false;
    std::int32_t raw = 0;
};

/// Reads one virtual device as a game does, by a way of its own. One thread uses it, which need not
/// be the world's.
class GameReader
{
 public:
    virtual ~GameReader() = default;

    /// Becomes readable when there is something to read.
    [[nodiscard]] virtual int fd() const noexcept = 0;

    /// What its controls stand at as far as it was read, one for each slot.
    [[nodiscard]] virtual std::vector<Counts> state() const = 0;

    /// Puts the next frame into `changes`. @return whether there was one.
    [[nodiscard]] virtual bool read(std::vector<SeenChange>& changes, Time& time) = 0;
};

/// Learns what happens in a world. Called from World::wait() alone.
class WorldListener
{
 public:
    virtual ~WorldListener() = default;

    /// A controller is there and can be read. `state` holds the counts of its controls as they
    /// stand.
    virtual void controllerArrived(Handle controller, const ControllerDescription& description,
                                   std::span<const Counts> state) = 0;

    /// It is gone; its handle means nothing any more.
    virtual void controllerGone(Handle controller) = 0;

    /// Controls moved together. RT-safe: must not allocate, lock or block.
    virtual void frame(Handle controller, std::span<const RawMove> moves, Time time) noexcept = 0;

    /// The kernel dropped events of a controller at that time, since they were not read fast enough; what
    /// differs follows as a frame. RT-safe.
    virtual void lost(Handle, Time) noexcept {}

    /// Nobody else may open these controllers now, and anybody all others. `done` says why when
    /// that is not what was asked for.
    virtual void keptAlone(std::span<const Handle> controllers, const Fallible& done) = 0;

    /// Something is wrong with the world that a pilot can mend. Replaces what was said of the same
    /// `path` before; an empty sentence takes it back.
    virtual void trouble(const Problem& problem) = 0;
};

/// Where controllers come from and virtual devices go to: the one door to the outside. There is one
/// for the kernel, one read from a file and one in memory for tests.
///
/// One thread uses a world; wake() alone may be called from any.
class World
{
 public:
    virtual ~World() = default;

    /// The present time of the clock that events carry.
    [[nodiscard]] virtual Time now() const noexcept = 0;

    /// Reports everything that happened, waiting for the first of it until `deadline` at most.
    /// RT-safe while nothing arrives or goes.
    virtual void wait(Time deadline, WorldListener& listener) = 0;

    /// Ends the present or next wait(). Any thread; safe in a signal handler.
    virtual void wake() noexcept = 0;

    /// Whether it has told all that was there when it was first asked, and why what may not be read
    /// may not.
    [[nodiscard]] virtual bool hasLookedRound() const { return true; }

    /// Keeps a controller's events from everybody else. Busy when somebody else holds it.
    [[nodiscard]] virtual Fallible hold(Handle controller) = 0;

    /// Gives a held controller back. Does nothing when it is not held or gone.
    virtual void letGo(Handle controller) = 0;

    /// Takes everybody else's access to the device files of these controllers while we have them
    /// open, and gives back that to all others. WorldListener::keptAlone() tells what became of it.
    virtual void keepAlone(std::span<const Handle> controllers) = 0;

    /// Switches the kernel's own filter of a controller's axes off while it is open, or back to
    /// what the device came with. While it is held the filter is off anyway.
    virtual void setStraight(Handle controller, bool isStraight) = 0;

    /// Makes a virtual device.
    [[nodiscard]] virtual Result<Handle> create(const VirtualSpec& spec) = 0;

    /// Writes one frame. RT-safe.
    [[nodiscard]] virtual WriteStatus write(Handle device,
                                            std::span<const VirtualMove> moves) noexcept = 0;

    /// While it is still a world moves no virtual device by itself, only what is written: a sim
    /// listens for whatever moves.
    virtual void keepStill(bool isStill) { static_cast<void>(isStill); }

    /// A reader of a virtual device. NotThere while nobody can open it yet.
    [[nodiscard]] virtual Result<std::unique_ptr<GameReader>> openAsGame(Handle device) = 0;

    /// Takes a virtual device away. The caller has written its releases well before.
    virtual void destroy(Handle device) = 0;
};

}  // namespace jolly
