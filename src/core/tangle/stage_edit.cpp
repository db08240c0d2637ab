// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/tangle/stage_edit.h"

#include "core/tangle/device_edit.h"
#include "core/tangle/lookup.h"
#include "core/tangle/signals.h"
#include "core/tangle/stage_complaint.h"
#include "core/tangle/stage_shape.h"
#include "core/tangle/switches.h"
#include "core/tangle/virtual_layout.h"

#include <algorithm>
#include <optional>
#include <ranges>

namespace jolly
{

namespace
{

using Outlets = std::vector<std::string>;

std::optional<std::size_t> placeIn(const Outlets& outlets, const std::string& outlet)
{
    const auto found = std::ranges::find(outlets, outlet);
    if (found == outlets.end()) return std::nullopt;
    return static_cast<std::size_t>(found - outlets.begin());
}

/// Which outlet goes on as which.
class Following
{
 public:
    Following(Outlets before, Outlets now) : m_before(std::move(before)), m_now(std::move(now))
    {
        m_isByPlace = m_before.size() == m_now.size() ||
                      std::ranges::none_of(m_before, [this](const auto& outlet) {
                          return placeIn(m_now, outlet).has_value();
                      });
    }

    [[nodiscard]] bool isNeeded() const { return m_before != m_now; }

    /// What an outlet is now; nothing when it is gone. "" means the first one.
    [[nodiscard]] std::optional<std::string> after(const std::string& outlet) const
    {
        const auto was = outlet.empty() ? std::optional<std::size_t>(0) : placeIn(m_before, outlet);
        if (!was) return std::nullopt;
        const auto is = m_isByPlace ? was : placeIn(m_now, m_before[*was]);
        if (!is || *is >= m_now.size()) return std::nullopt;
        return m_now[*is];
    }

    [[nodiscard]] Outlets fresh() const
    {
        Outlets fresh;
        for (std::size_t i = 0; i < m_now.size(); ++i) {
            const bool isNew =
                m_isByPlace ? i >= m_before.size() : !placeIn(m_before, m_now[i]).has_value();
            if (isNew) fresh.push_back(m_now[i]);
        }
        return fresh;
    }

 private:
    Outlets m_before, m_now;
    bool m_isByPlace;
};

/// Whether an outlet that is new is led somewhere without being asked.
bool isLedByItself(const Strand& strand, const std::string& outlet)
{
    const auto last =
        std::ranges::find_if(strand.stages.rbegin(), strand.stages.rend(), &Stage::isOn);
    if (last == strand.stages.rend()) return true;
    return std::visit(
        [&](const auto& p) {
            if constexpr (requires { p.isLedByItself(outlet); }) return p.isLedByItself(outlet);
            return true;
        },
        last->parameters);
}

/// Where the next outlet of a strand leads: behind where the one before it does.
std::optional<Target> nextInRow(const Tangle& tangle, const Strand& strand)
{
    const auto kind = signalsOf(tangle, strand).back().kind;
    for (const auto& end : strand.ends | std::views::reverse) {
        const auto* place = targetOf(end);
        if (place && place->control.kind == kind) return nextFreeBehind(tangle, *place);
    }
    return nextFree(tangle, kind);
}

/// Lets the ends of a strand follow outlets that were changed.
void follow(Tangle& tangle, Strand& strand, Outlets before)
{
    const Following following(std::move(before), outletsOf(strand));
    if (!following.isNeeded()) return;
    std::erase_if(strand.ends, [&](End& end) {
        auto now = following.after(end.outlet);
        if (now) end.outlet = std::move(*now);
        return !now;
    });
    for (const auto& outlet : following.fresh()) {
        if (!isLedByItself(strand, outlet)) continue;
        if (const auto target = nextInRow(tangle, strand)) strand.ends.push_back({outlet, *target});
        fitDevices(tangle);
    }
}

/// Whether a stage can stand at a place: it gets what it takes, from a stage that does not fork.
bool fitsAt(const Tangle& tangle, const Strand& strand, std::size_t place,
            const StageParameters& stage)
{
    const bool isBehindFork =
        place > 0 && strand.stages[place - 1].isOn && forks(strand.stages[place - 1].parameters);
    return !isBehindFork && infoOf(stage).takes.has(signalsOf(tangle, strand)[place].kind);
}

auto at(Strand& strand, std::size_t place)
{
    return strand.stages.begin() + static_cast<std::ptrdiff_t>(place);
}

/// Whether a stage makes an axis of something else.
bool makesAxis(const StageParameters& stage, Signal gets)
{
    return gets.kind != ControlKind::Axis && signalAfter(stage, gets).kind == ControlKind::Axis;
}

/// Where the first axis that a strand leads to rests; a half of one begins at its rest.
std::optional<Sides> sidesOfGoal(const Tangle& tangle, const Strand& strand)
{
    for (const auto& end : strand.ends) {
        const auto* target = targetOf(end);
        const auto* device = target ? findDevice(tangle, target->device) : nullptr;
        if (device && target->control.kind == ControlKind::Axis)
            return end.part == Part::Whole ? sidesOf(*device, target->control) : Sides::One;
    }
    return std::nullopt;
}

/// Of what it gets; of what its strand leads to where it makes an axis of something else.
Sides sidesFor(const Tangle& tangle, const Strand& strand, std::size_t place,
               const StageParameters& stage)
{
    const auto gets = signalsOf(tangle, strand)[place];
    return makesAxis(stage, gets) ? sidesOfGoal(tangle, strand).value_or(Sides::Two) : gets.sides;
}

/// The axis that a strand alone leads to, whole, and that can rest anywhere; null when it leads to
/// none, or to several.
const Target* ownAxisOf(const Tangle& tangle, const Strand& strand)
{
    if (strand.ends.size() != 1 || strand.ends.front().part != Part::Whole) return nullptr;
    const auto* target = targetOf(strand.ends.front());
    const auto* device = target ? findDevice(tangle, target->device) : nullptr;
    const bool isAxis = device && device->kind == VirtualKind::Joystick &&
                        target->control.kind == ControlKind::Axis;
    return isAxis && takersOf(tangle, *target).size() == 1 ? target : nullptr;
}

/// A stage made its axis rest elsewhere: the virtual axis that is its own, and rested where the
/// strand did, follows.
void letRest(Tangle& tangle, const Strand& strand, Signal before)
{
    const auto now = signalsOf(tangle, strand).back();
    if (now.kind != ControlKind::Axis || now == before) return;
    const auto* axis = ownAxisOf(tangle, strand);
    if (axis && sidesOf(*findDevice(tangle, axis->device), axis->control) == before.sides)
        setSides(tangle, Target(*axis), now.sides);
}

/// A stage made one for such sides; as it is where that would not be right.
StageParameters fitted(const StageParameters& stage, Sides sides)
{
    auto fits = stage;
    fit(fits, sides);
    return complaintOf(fits).empty() || !complaintOf(stage).empty() ? fits : stage;
}

/// Says of a stage that makes an axis where that rests, and nothing else.
void setRest(StageParameters& stage, Sides rests)
{
    std::visit(
        [rests](auto& p) {
            p.fields(p, [rests](const auto&, auto& value) {
                if constexpr (std::is_same_v<std::decay_t<decltype(value)>, Sides>) value = rests;
            });
        },
        stage);
}

/// Gives a stage that has positions those of its strand's own switch, unless it has some.
void standAt(StageParameters& stage, const SwitchPlaces& places)
{
    std::visit(
        [&](auto& p) {
            if constexpr (requires { p.standAt(places); }) {
                if (p.places.empty()) p.standAt(places);
            }
        },
        stage);
}

}  // namespace

std::size_t placeFor(const Tangle& tangle, const Strand& strand, const StageParameters& stage)
{
    const auto signals = signalsOf(tangle, strand);
    std::size_t last = 0;
    bool isOfAxis = false;
    for (std::size_t place = 0; place <= strand.stages.size(); ++place) {
        if (!fitsAt(tangle, strand, place, stage)) continue;
        const bool isAxis = signals[place].kind == ControlKind::Axis;
        if (isAxis || !isOfAxis) last = place;
        isOfAxis = isOfAxis || isAxis;
    }
    return last;
}

bool isUseful(const Tangle& tangle, const Strand& strand, const StageParameters& stage)
{
    const auto gets = signalsOf(tangle, strand)[placeFor(tangle, strand, stage)].kind;
    const auto gives = signalAfter(stage, {gets, Sides::Two}).kind;
    const auto isEnd = [gives](const Target& target) { return target.control.kind == gives; };
    return infoOf(stage).takes.has(gets) &&
           (gives == gets || std::ranges::any_of(targetsOf(strand), isEnd));
}

void addStage(Tangle& tangle, const std::string& id, StageParameters parameters)
{
    auto* strand = findStrand(tangle, id);
    if (!strand) return;
    auto before = outletsOf(*strand);
    const auto signal = signalsOf(tangle, *strand).back();
    auto place = placeFor(tangle, *strand, parameters);
    standAt(parameters, placesOf(tangle, strand->source));
    fit(parameters, sidesFor(tangle, *strand, place, parameters));
    strand->stages.insert(at(*strand, place), {std::move(parameters)});
    while (++place < strand->stages.size()) {
        if (fitsAt(tangle, *strand, place, strand->stages[place].parameters)) continue;
        strand->stages.erase(at(*strand, place--));
    }
    letRest(tangle, *strand, signal);
    follow(tangle, *strand, std::move(before));
}

void removeStage(Tangle& tangle, const std::string& id, std::size_t stage)
{
    auto* strand = findStrand(tangle, id);
    if (!strand || stage >= strand->stages.size()) return;
    auto before = outletsOf(*strand);
    const auto signal = signalsOf(tangle, *strand).back();
    strand->stages.erase(at(*strand, stage));
    letRest(tangle, *strand, signal);
    follow(tangle, *strand, std::move(before));
}

void setStage(Tangle& tangle, const std::string& id, std::size_t stage,
              const StageParameters& parameters)
{
    auto* strand = findStrand(tangle, id);
    if (!strand || stage >= strand->stages.size()) return;
    auto before = outletsOf(*strand);
    const auto signals = signalsOf(tangle, *strand);
    auto& changed = strand->stages[stage].parameters;
    const auto rested = signalAfter(changed, signals[stage]).sides;
    changed = parameters;
    const auto rests = signalAfter(changed, signals[stage]).sides;
    if (makesAxis(changed, signals[stage]) && rests != rested) {
        setRest(changed, rested);
        changed = fitted(changed, rests);
    }
    letRest(tangle, *strand, signals.back());
    follow(tangle, *strand, std::move(before));
}

void restWithGoals(Tangle& tangle, const std::string& id)
{
    auto* strand = findStrand(tangle, id);
    if (!strand) return;
    const auto sides = sidesOfGoal(tangle, *strand);
    const auto signals = signalsOf(tangle, *strand);
    for (std::size_t i = 0; sides && i < strand->stages.size(); ++i) {
        auto& stage = strand->stages[i].parameters;
        if (makesAxis(stage, signals[i])) stage = fitted(stage, *sides);
    }
}

}  // namespace jolly
