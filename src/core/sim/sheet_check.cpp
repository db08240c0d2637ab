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

/// "3 axes".
Sentence many(std::size_t count, ControlKind kind)
{
    switch (kind) {
        case ControlKind::Axis:
            return several("%n axis", "%n axes", count);
        case ControlKind::Button:
            return several("%n button", "%n buttons", count);
        case ControlKind::Hat:
            return several("%n hat", "%n hats", count);
        case ControlKind::Turner:
            break;
    }
    return several("%n turner", "%n turners", count);
}

/// "mail hatch", "landing light" and 4 more.
Sentence namesOf(const Tangle& tangle, const std::vector<Target>& places)
{
    std::vector<Sentence> names;
    for (std::size_t i = 0; i < std::min(places.size(), kMostNames); ++i)
        names.push_back(say("\"%1\"", functionAt(tangle, places[i])));
    const auto row = inARow(names);
    return places.size() > kMostNames ? say("%1 and %2 more", row, places.size() - kMostNames)
                                      : row;
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
            warn(pathOf(device),
                 looksAt(m_sheet, device) ? several("%1 sees %n device, so it does not see %2.",
                                                    "%1 sees %n devices, so it does not see %2.",
                                                    *m_sheet.devices, m_sheet.name, device.name)
                                          : say("%1 sees gamepads alone, so it does not see %2.",
                                                m_sheet.name, device.name),
                 say("%1 would do nothing there.", namesOf(m_tangle, places)));
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
             say("%1 takes %2 of a device; %3 uses %4 beyond.", m_sheet.name, many(most, kind),
                 device.name, many(beyond.size(), kind)),
             say("%1 would do nothing there.", namesOf(m_tangle, beyond)));
    }

    void checkAllButtons()
    {
        if (!m_sheet.allButtons) return;
        const auto places = usedPlaces(m_tangle);
        const auto count = static_cast<std::size_t>(std::ranges::count_if(
            places, [](const auto& p) { return p.control.kind == ControlKind::Button; }));
        if (count <= *m_sheet.allButtons) return;
        warn("/devices",
             say("%1 takes %2 in all; the tangle uses %3.", m_sheet.name,
                 many(*m_sheet.allButtons, ControlKind::Button), count),
             words("The last ones would do nothing there."));
    }

    void checkKeys()
    {
        for (const auto& place : usedPlaces(m_tangle)) {
            const auto function = functionAt(m_tangle, place).english();
            if (std::ranges::find(m_sheet.keyOnly, function) == m_sheet.keyOnly.end()) continue;
            const auto* device = findDevice(m_tangle, place.device);
            warn(pathOf(*device),
                 say("%1 takes \"%2\" from a keyboard alone; it ends at %3.", m_sheet.name,
                     function, placeName(m_tangle, place)),
                 words("It would do nothing there."));
            m_problems.back().cure = words("Lead it to a key of a virtual keyboard.");
            m_problems.back().remedy = "";
        }
    }

    void warn(const std::string& path, const Sentence& sentence, const Sentence& meaning)
    {
        m_problems.push_back({.severity = Severity::Warning,
                              .path = path,
                              .sentence = sentence,
                              .cure = words("Plan it anew for this sim."),
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
    const auto add = [&](const char* field, Words what, Words cure) {
        problems.push_back(
            {Severity::Error, path + field, say("The sheet \"%1\" %2.", sheet.name, what), cure});
    };
    if (sheet.devices == 0)
        add("/devices", words("says that the sim sees no device"),
            words("Say how many, or leave it out."));
    if (sheet.axes == 0 && sheet.buttons == 0 && sheet.hats == 0)
        add("/axes", words("leaves no control at all"),
            words("Say what a device may have, or leave it out."));
    if (sheet.allButtons == 0 && sheet.buttons.value_or(1) > 0)
        add("/allButtons", words("takes buttons of a device, but none in all"),
            words("Say how many in all, or leave it out."));
    return problems;
}

Problems findSheetProblems(const Tangle& tangle)
{
    return tangle.sheet ? SheetCheck(tangle).run() : Problems{};
}

}  // namespace jolly
