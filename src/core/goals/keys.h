// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/goals/goal.h"

#include <cstdint>
#include <string>
#include <vector>

namespace jolly
{

/// A goal: keys of a virtual keyboard that are pressed together, modifiers first, and let go the
/// other way round.
struct Chord {
    static constexpr std::size_t kMost = 8;

    std::string device{};               ///< id of a virtual keyboard
    std::vector<std::uint16_t> keys{};  ///< the kernel's key codes, as they were recorded
    bool isMeant = false;               ///< it is sent although the desk acts on it; see dangerOf()

    friend bool operator==(const Chord&, const Chord&) = default;
};

/// Whether a key changes what others do while it is down.
[[nodiscard]] bool isModifier(std::uint16_t key) noexcept;

/// The keys in the order in which they are pressed: modifiers first, else as recorded.
[[nodiscard]] std::vector<std::uint16_t> pressOrder(const Chord& chord);

/// What the computer itself does on a chord: "switches to another console". Empty when nothing is
/// known of it.
[[nodiscard]] Words dangerOf(const Chord& chord);

/// The virtual controls that a chord presses, in the order in which it does.
[[nodiscard]] std::vector<Target> keysOf(const Chord& chord);

/// "LEFTCTRL + G", by the kernel's names.
[[nodiscard]] std::string toText(const Chord& chord);

[[nodiscard]] Sentence nameOfGoal(const Tangle& tangle, const Chord& chord);
[[nodiscard]] Sentence explainGoal(const Tangle& tangle, const Chord& chord, const Lead& lead);
[[nodiscard]] inline Fallible fitGoal(const Tangle&, const Chord&, ControlKind from)
{
    return fitPress(from);
}
void checkGoal(const Tangle& tangle, const Chord& chord, std::optional<ControlKind> from,
               const GoalComplaint& complain);
inline void compileGoal(const Chord& chord, GoalSink& sink)
{
    sink.press(keysOf(chord));
}

[[nodiscard]] inline std::vector<Target> placesOfGoal(const Chord& chord)
{
    return keysOf(chord);
}
[[nodiscard]] bool movesPlace(const Chord& chord, const Target& place);
[[nodiscard]] inline std::string_view deviceOfGoal(const Chord& chord)
{
    return chord.device;
}

}  // namespace jolly
