// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/tangle/problem.h"

#include <filesystem>
#include <string>
#include <vector>

namespace jolly
{

/// Where the system keeps what is looked at; tests bring their own.
struct SystemPlaces {
    std::filesystem::path uinput = "/dev/uinput";
    std::vector<std::filesystem::path> ruleFolders = {"/etc/udev/rules.d", "/run/udev/rules.d",
                                                      "/usr/lib/udev/rules.d", "/lib/udev/rules.d"};
};

/// The name of our udev rules' file.
inline constexpr const char* kRulesName = "70-jolly-tangle.rules";

/// What of the system stands in the way of making virtual devices, at paths below "/system/". Each
/// path is told, with an empty sentence when nothing is wrong there.
[[nodiscard]] Problems checkSystem(const SystemPlaces& places = {});

/// Lets this thread come before all ordinary programs. @return whether that is permitted.
bool comeFirst();

/// Whether comeFirst() would be permitted: a problem with an empty sentence when it is. Nothing has
/// changed afterwards.
[[nodiscard]] Problem checkRealtime();

/// The rule that lets the person at the screen read one kind of device.
[[nodiscard]] std::string ruleFor(std::uint16_t vendor, std::uint16_t product);

}  // namespace jolly
