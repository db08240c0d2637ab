// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/value/kind_words.h"
#include "core/sim/sheet_check.h"

#include "core/sim/limits.h"
#include "core/tangle/device_edit.h"
#include "core/tangle/lookup.h"
#include "core/tangle/virtual_layout.h"

#include <algorithm>

namespace jolly
{

namespace
{

constexpr std::size_t kMostNames = 3;
constexpr const char* kReplan = "replan";

std::string plural(std::size_t count, ControlKind kind)
{
    const auto words = wordsOf(kind);
    return std::to_string(count) + " " + std::string(count == 1 ? words.one : words.several);
}

/// "mail hatch", "landing light" and 4 more.
std::string namesOf(const Tangle& tangle, const std::vector<Target>& places)
{
    std::string text;
    for (std::size_t i = 0; i < std::min(places.size(), kMostNames); ++i)
        text += (i == 0 ? "\"" : ", \"") + functionAt(tangle, places[i]) + "\"";
    if (places.size() > kMostNames)
        text += " and " + std::to_string(places.size() - kMostNames) + " more";
    return text;
}

class SheetCheck
{
 public:
    explicit SheetCheck(const Tangle& tangle) : m_tangle(tangle), m_sheet(*tangle.sheet) {}

    Problems run()
    {
        m_problems = findImpossibleLimits(m_sheet, "/sheet");
        checkDevices();
        checkNumbers();
        checkAllButtons();
        checkKeys();
        return std::move(m_problems);
    }

 private:
    std::string pathOf(const VirtualDevice& device) const
    {
        return "/devices/" + std::to_string(&device - m_tangle.devices.data());
    }

    std::vector<Target> placesOn(const VirtualDevice& device) const
    {
        auto places = usedPlaces(m_tangle);
        std::erase_if(places, [&](const Target& place) { return place.device != device.id; });
        return places;
    }

    /// The devices that are there beyond those which the sim looks at.
    void checkDevices()
    {
        std::uint16_t seen = 0;
        for (const auto& device : m_tangle.devices) {
            if (!device.isForGames()) continue;
            const auto places = placesOn(device);
            const bool isSeen =
                looksAt(m_sheet, device) && ++seen <= m_sheet.devices.value_or(seen);
            if (isSeen || places.empty()) continue;
            const auto why = looksAt(m_sheet, device)
                                 ? "sees " + std::to_string(*m_sheet.devices) +
                                       (m_sheet.devices == 1 ? " device" : " devices")
                                 : std::string("sees gamepads alone");
            warn(pathOf(device),
                 m_sheet.name + " " + why + ", so it does not see " + device.name + ".",
                 namesOf(m_tangle, places) + " would do nothing there.");
            m_unseen.push_back(device.id);
        }
    }

    void checkNumbers()
    {
        for (const auto& device : m_tangle.devices) {
            if (std::ranges::find(m_unseen, device.id) != m_unseen.end()) continue;
            for (const auto kind : {ControlKind::Axis, ControlKind::Button, ControlKind::Hat})
                checkNumbersOf(device, kind);
        }
    }

    void checkNumbersOf(const VirtualDevice& device, ControlKind kind)
    {
        auto beyond = placesOn(device);
        const auto most = mostOf(m_sheet, device.kind, kind);
        std::erase_if(beyond, [&](const Target& place) {
            return place.control.kind != kind || place.control.number <= most;
        });
        if (beyond.empty()) return;
        warn(pathOf(device),
             m_sheet.name + " takes " + plural(most, kind) + " of a device; " + device.name +
                 " uses " + plural(beyond.size(), kind) + " beyond.",
             namesOf(m_tangle, beyond) + " would do nothing there.");
    }

    void checkAllButtons()
    {
        if (!m_sheet.allButtons) return;
        const auto places = usedPlaces(m_tangle);
        const auto count = static_cast<std::size_t>(std::ranges::count_if(
            places, [](const auto& p) { return p.control.kind == ControlKind::Button; }));
        if (count <= *m_sheet.allButtons) return;
        warn("/devices",
             m_sheet.name + " takes " + plural(*m_sheet.allButtons, ControlKind::Button) +
                 " in all; the tangle uses " + std::to_string(count) + ".",
             "The last ones would do nothing there.");
    }

    void checkKeys()
    {
        for (const auto& place : usedPlaces(m_tangle)) {
            const auto function = functionAt(m_tangle, place);
            if (std::ranges::find(m_sheet.keyOnly, function) == m_sheet.keyOnly.end()) continue;
            const auto* device = findDevice(m_tangle, place.device);
            warn(pathOf(*device),
                 m_sheet.name + " takes \"" + function + "\" from a keyboard alone; it ends at " +
                     placeName(m_tangle, place) + ".",
                 "It would do nothing there.");
            m_problems.back().cure = "Lead it to a key of a virtual keyboard.";
            m_problems.back().remedy = "";
        }
    }

    void warn(const std::string& path, const std::string& sentence, const std::string& meaning)
    {
        m_problems.push_back({.severity = Severity::Warning,
                              .path = path,
                              .sentence = sentence,
                              .cure = "Plan it anew for this sim.",
                              .meaning = meaning,
                              .remedy = kReplan,
                              .command = "tangle plan FILE --apply"});
    }

    const Tangle& m_tangle;
    const SimSheet& m_sheet;
    std::vector<std::string> m_unseen;
    Problems m_problems;
};

}  // namespace

Problems findImpossibleLimits(const SimSheet& sheet, const std::string& path)
{
    Problems problems;
    const auto add = [&](const char* field, const std::string& what, const std::string& cure) {
        problems.push_back({Severity::Error, path + field,
                            "The sheet \"" + sheet.name + "\" " + what + ".", cure});
    };
    if (sheet.devices == 0)
        add("/devices", "says that the sim sees no device", "Say how many, or leave it out.");
    if (sheet.axes == 0 && sheet.buttons == 0 && sheet.hats == 0)
        add("/axes", "leaves no control at all", "Say what a device may have, or leave it out.");
    if (sheet.allButtons == 0 && sheet.buttons.value_or(1) > 0)
        add("/allButtons", "takes buttons of a device, but none in all",
            "Say how many in all, or leave it out.");
    return problems;
}

Problems findSheetProblems(const Tangle& tangle)
{
    return tangle.sheet ? SheetCheck(tangle).run() : Problems{};
}

}  // namespace jolly
