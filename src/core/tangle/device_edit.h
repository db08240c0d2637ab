// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/tangle/tangle.h"
#include "core/value/result.h"

#include <optional>
#include <string>
#include <vector>

namespace jolly
{

/// The longest name of a virtual device that the kernel keeps (uinput.h, UINPUT_MAX_NAME_SIZE).
inline constexpr std::size_t kMostNameBytes = 79;

/// The lowest number that no virtual device has.
[[nodiscard]] std::uint16_t freeNumber(const Tangle& tangle);

/// Adds a virtual device of that kind with a free name and number; a joystick is as large as
/// needed. @return its id.
std::string addDevice(Tangle& tangle, VirtualKind kind);

/// Adds a device of the same shape, with the same functions, under its own name and number, after
/// it. @return its id; empty when there is no such device.
std::string copyDevice(Tangle& tangle, const std::string& device);

/// Gives a device another name. Fails with a sentence for an empty, taken or overlong one; the
/// tangle is as it was then.
[[nodiscard]] Fallible renameDevice(Tangle& tangle, const std::string& device,
                                    const std::string& name);

/// A name that no virtual device has: `stem` and a number; the first is "stem" alone unless it is
/// counted, too.
[[nodiscard]] std::string freeName(const Tangle& tangle, const std::string& stem,
                                   bool isCounted = false);

/// What becomes of the strands that end at a device which is removed.
enum class Ends : std::uint8_t {
    Moved,  ///< they move to the next free controls of other devices; what finds none is cut
    Cut,    ///< they end there no more; a strand that ended nowhere else goes, too
};

/// Takes a device away. @return how many ends found no other place.
std::size_t removeDevice(Tangle& tangle, const std::string& device, Ends ends);

/// The strands that end at a virtual control, in the order of the tangle.
[[nodiscard]] std::vector<const Strand*> takersOf(const Tangle& tangle, const Target& target);

/// What a place is called where it stands: "Jolly 2, button 9".
[[nodiscard]] Sentence placeName(const Tangle& tangle, const Target& place);

/// What a place is for: its function, else what the strand that ends there does or is called, else
/// its own name.
[[nodiscard]] Sentence functionAt(const Tangle& tangle, const Target& place);

/// Gives a virtual control a function by its id, or none; see function_edit.h.
void giveFunction(Tangle& tangle, const Target& place, const std::string& function);

/// Says where a virtual axis rests.
void setSides(Tangle& tangle, const Target& axis, Sides sides);

/// Says what counts where several strands meet on a virtual axis.
void setMeeting(Tangle& tangle, const Target& axis, Meeting meeting);

/// Lets all that ends at a virtual control end at another one, at which nothing ends; function,
/// sides and meeting move along.
void movePlace(Tangle& tangle, const Target& from, const Target& to);

/// The first virtual control of that kind, over all joysticks and gamepads, at which no strand
/// ends; devices that size themselves grow for it. Nothing when all are taken.
///
/// @param except  the id of a device that does not count; empty for none.
[[nodiscard]] std::optional<Target> nextFree(const Tangle& tangle, ControlKind kind,
                                             const std::string& except = {});

/// The next one in a row: of the same kind behind a place, on its device, which grows for it if it
/// may; where there is none, nextFree().
[[nodiscard]] std::optional<Target> nextFreeBehind(const Tangle& tangle, const Target& place);

/// Lets the end of a strand be at another virtual control of the same kind. Function, sides and
/// meeting move along unless others still end there, so that nothing stays behind. When strands end
/// at the new place already, the two places are exchanged with all they have. Fails with a sentence
/// when the kinds differ or there is no such end; the tangle is as it was then.
[[nodiscard]] Fallible moveEnd(Tangle& tangle, const std::string& strand, std::size_t end,
                               const Target& to);

/// Gives every device that sizes itself the size that the strands ending in it need: eight axes and
/// one hat or more, buttons in steps of 32. Gives a number to every device that has none.
void fitDevices(Tangle& tangle);

/// The size a fixed joystick needs so that the control is there; false when none can have it.
[[nodiscard]] bool growFor(VirtualDevice& device, VirtualControl control);

}  // namespace jolly
