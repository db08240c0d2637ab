// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/weave/shape_check.h"

#include "core/tangle/device_edit.h"
#include "core/tangle/virtual_layout.h"

#include <algorithm>
#include <iterator>

namespace jolly
{

namespace
{

/// From here on a reader takes a device with six axes for a gamepad.
constexpr std::uint16_t kPadButtons = 14;
constexpr std::uint16_t kPadAxes = 6;

/// More than these some readers do not tell apart.
constexpr std::uint16_t kToldApart = 32;

/// A shape that some reader does not see as it is wished.
struct Trap {
    bool (*isIn)(const VirtualDevice&);
    Words what;  ///< goes on after the device's name
    Words meaning;
    Words cure;
    const char* remedy;
};

bool hasOneSidedAxis(const VirtualDevice& device)
{
    return std::ranges::any_of(device.settings, [](const VirtualSettings& s) {
        return s.control.kind == ControlKind::Axis && s.sides == Sides::One;
    });
}

/// Sources are in docs/virtual-devices.md.
constexpr Trap kTraps[] = {
    {[](const VirtualDevice& d) { return d.axes == 0; }, words("has no axis"),
     words("Games in a sandbox or in a Windows layer do not see it at all."),
     words("Give it two axes; unused ones do no harm."), "two-axes"},
    {[](const VirtualDevice& d) { return d.axes == 1; }, words("has one axis only"),
     words("Games in a sandbox do not take it for a joystick."),
     words("Give it two axes; unused ones do no harm."), "two-axes"},
    {[](const VirtualDevice& d) { return d.buttons < kFewestButtons; },
     words("has fewer than two buttons"),
     words("The system may take it for something other than a joystick."),
     words("Give it two buttons; unused ones do no harm."), "two-buttons"},
    {[](const VirtualDevice& d) { return d.axes == 2 && hasOneSidedAxis(d); },
     words("has two axes, one of which rests at its low end"),
     words("Games that use SDL take both of two axes for centred ones: it starts at a half."),
     words("Give it three axes or more."), "eight-axes"},
    {[](const VirtualDevice& d) {
         return d.buttons >= kPadButtons && (d.axes == kPadAxes || d.axes + 2 * d.hats == kPadAxes);
     },
     words("has six axes, hats counted twice, and fourteen buttons or more"),
     words("Games in a Windows layer take it for a gamepad and see ten of its buttons."),
     words("Give it eight axes, or at most thirteen buttons."), "eight-axes"},
    {[](const VirtualDevice& d) { return d.axes > kSafeAxes; }, words("has more than eight axes"),
     words("In games in a Windows layer the ninth presses buttons and moves the hat."),
     words("Keep it to eight if such a game reads it; native games see them all."), "eight-axes"},
    {[](const VirtualDevice& d) { return d.axes >= 10 && d.hats >= 2; },
     words("has the axes Gas and Brake beside a second hat"),
     words("Games that use SDL do not see those two axes."),
     words("Take the second hat away, or those axes."), "one-hat"},
    {[](const VirtualDevice& d) { return d.hats > kSafeHats; }, words("has more than one hat"),
     words("Games in a Windows layer see the first only; those that use GLFW lose just that one."),
     words("If such a game reads it, use buttons for the others."), ""},
    {[](const VirtualDevice& d) {
         return d.axes > 1 && d.axes < kPadAxes && d.axes % 2 == 1 && d.hats > 0;
     },
     words("has an odd number of axes beside a hat"),
     words("Games that use Allegro never see the hat's up and down."),
     words("Give it eight axes; unused ones do no harm."), "eight-axes"},
    {[](const VirtualDevice& d) { return d.buttons > kSafeButtons; },
     words("has more than 126 buttons"),
     words("The last ones use codes of touch pads; not every reader has been seen to take them."),
     words("Use a second device for them if a game does not see them."), ""},
};

/// Endings by which SDL takes a device for a part of another one.
constexpr std::string_view kEndings[] = {" IR", " Accelerometer", " Motion Sensors", " Nunchuk",
                                         " Motion Plus"};

std::string lower(std::string text)
{
    for (auto& c : text) c = c >= 'A' && c <= 'Z' ? static_cast<char>(c + ('a' - 'A')) : c;
    return text;
}

bool repeatsItsFirstWord(const std::string& name)
{
    const auto text = lower(name);
    const auto space = text.find(' ');
    return space != std::string::npos && space > 0 &&
           text.find(text.substr(0, space), space) != std::string::npos;
}

bool isPlain(const std::string& name)
{
    return std::ranges::all_of(name, [](char c) { return c >= ' ' && c < 0x7f; });
}

void findNameTraps(const VirtualDevice& device, const std::string& path, Problems& problems)
{
    const auto warn = [&](Words what, Words meaning, Words cure) {
        problems.push_back({.severity = Severity::Warning,
                            .path = path + "/name",
                            .sentence = say("The name \"%1\" %2.", device.name, what),
                            .cure = cure,
                            .meaning = meaning});
    };
    if (device.name.size() > kMostNameBytes)
        warn(words("is longer than 79 letters"), words("Games see its beginning only."),
             words("Shorten it."));
    if (!isPlain(device.name))
        warn(words("has letters that games cannot show"), words("They see \"?\" in their place."),
             words("Use plain letters, digits and signs."));
    if (std::ranges::any_of(kEndings, [&](auto end) { return device.name.ends_with(end); }))
        warn(words("ends like that of a part of another device"),
             words("Games that use SDL leave it out."), words("Give it another ending."));
    if (repeatsItsFirstWord(device.name))
        warn(words("has its first word again further on"),
             words("Games that use SDL leave the first word out."), words("Use that word once."));
}

Sentence nameFor(const VirtualDevice& device)
{
    return device.name.empty() ? Sentence(words("A virtual device")) : Sentence(device.name);
}

/// @param sentence  goes on after the device's name.
Problem alike(const VirtualDevice& device, std::size_t place, const std::string& what,
              Words sentence)
{
    return {.severity = Severity::Error,
            .path = "/devices/" + std::to_string(place) + "/" + what,
            .sentence = say("%1 %2", nameFor(device), sentence),
            .cure = words("Give it another one."),
            .meaning = words("Games could not tell the two apart."),
            .remedy = "fresh-" + what};
}

void findAlike(const Tangle& tangle, Problems& problems)
{
    for (std::size_t i = 0; i < tangle.devices.size(); ++i) {
        const auto& device = tangle.devices[i];
        const auto hasTwin = [&](auto&& keyOf) {
            return std::any_of(
                tangle.devices.begin(), tangle.devices.begin() + static_cast<std::ptrdiff_t>(i),
                [&](const VirtualDevice& other) { return keyOf(other) == keyOf(device); });
        };
        if (!device.name.empty() && hasTwin([](const auto& d) { return d.name; }))
            problems.push_back(
                alike(device, i, "name", words("has the same name as another virtual device.")));
        if (hasTwin([](const auto& d) { return d.number; }))
            problems.push_back(alike(device, i, "number",
                                     words("has the same number as another virtual device.")));
        else if (hasTwin([](const auto& d) { return idsOf(d); }))
            problems.push_back(
                alike(device, i, "ids", words("has the same ids as another virtual device.")));
    }
}

void findNameless(const Tangle& tangle, Problems& problems)
{
    for (std::size_t i = 0; i < tangle.devices.size(); ++i) {
        if (!tangle.devices[i].name.empty()) continue;
        problems.push_back({.severity = Severity::Error,
                            .path = "/devices/" + std::to_string(i) + "/name",
                            .sentence = words("A virtual device has no name."),
                            .cure = words("Give it one."),
                            .meaning = words("Games show nothing in their lists."),
                            .remedy = "fresh-name"});
    }
}

void findIdle(const Tangle& tangle, Problems& problems)
{
    for (std::size_t i = 0; i < tangle.devices.size(); ++i) {
        const auto& device = tangle.devices[i];
        const bool isUsed = std::ranges::any_of(
            tangle.strands, [&](const Strand& strand) { return leadsToDevice(strand, device.id); });
        const bool isBegun = std::ranges::any_of(
            tangle.strands, [](const Strand& strand) { return !strand.ends.empty(); });
        if (isUsed || !isBegun) continue;
        problems.push_back({.severity = Severity::Warning,
                            .path = "/devices/" + std::to_string(i),
                            .sentence = say("No strand ends at %1.", nameFor(device)),
                            .cure = words("Weave something to it, or remove it."),
                            .meaning = words("Games list it, but nothing on it ever moves.")});
    }
}

}  // namespace

Problems findShapeProblems(const VirtualDevice& device, const std::string& path)
{
    Problems problems;
    findNameTraps(device, path, problems);
    if (device.kind != VirtualKind::Joystick) return problems;
    for (const auto& trap : kTraps) {
        if (!trap.isIn(device)) continue;
        problems.push_back({.severity = Severity::Warning,
                            .path = path,
                            .sentence = say("%1 %2.", nameFor(device), trap.what),
                            .cure = trap.cure,
                            .meaning = trap.meaning,
                            .remedy = trap.remedy});
    }
    return problems;
}

std::vector<Sentence> readerNotes(const VirtualDevice& device)
{
    std::vector<Sentence> notes;
    if (device.kind == VirtualKind::Gamepad)
        notes.push_back(words("Games that use GLFW take it for a joystick and not for a gamepad."));
    if (device.kind == VirtualKind::Joystick && device.buttons > kToldApart)
        notes.push_back(words(
            "Games that use Allegro, GLFW or SFML see its first 32 buttons only; in those that use "
            "PLIB the others press the first ones again."));
    return notes;
}

Problems findDeviceProblems(const Tangle& tangle)
{
    Problems problems;
    findNameless(tangle, problems);
    findAlike(tangle, problems);
    for (std::size_t i = 0; i < tangle.devices.size(); ++i) {
        for (auto& problem : findShapeProblems(tangle.devices[i], "/devices/" + std::to_string(i)))
            problems.push_back(std::move(problem));
    }
    findIdle(tangle, problems);
    return problems;
}

}  // namespace jolly
