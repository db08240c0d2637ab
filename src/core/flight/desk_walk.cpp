// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/flight/desk_walk.h"

#include "core/hats/hat_ways.h"
#include "core/tangle/lookup.h"
#include "core/tangle/roles.h"
#include "core/value/percent.h"

#include <algorithm>
#include <array>
#include <bit>
#include <cmath>

namespace jolly
{

namespace
{

/// The ways of a hat in the order in which they are asked for: the four straight ones first.
constexpr std::array<std::size_t, kHatWays.size()> kAskedWays = {0, 2, 4, 6, 1, 3, 5, 7};

constexpr ControlCode kAxisX{EventType::Abs, 0};
constexpr ControlCode kAxisY{EventType::Abs, 1};

}  // namespace

bool WalkedControl::isDone() const
{
    return std::ranges::all_of(steps, [](const auto& s) { return s.isDone || !s.isAsked; });
}

bool WalkedControl::isBegun() const
{
    return std::ranges::any_of(steps, &WalkStep::isDone);
}

const RigControl* DeskWalk::find(const Key& key) const
{
    const auto* controller = findBy(m_rig, &RigController::id, key.first);
    return controller ? findControl(*controller, key.second) : nullptr;
}

void DeskWalk::stand(const std::string& controller, ControlCode code, Counts counts)
{
    const Key key(controller, code);
    const auto* control = find(key);
    if (!control || m_seen.contains(key)) return;
    Seen seen{.first = counts, .last = counts};
    seen.low = seen.high = seen.still = control->calibration.valueOf(counts.x, control->sides);
    m_seen[key] = seen;
}

void DeskWalk::move(const std::string& controller, ControlCode code, Counts counts, Time time)
{
    const Key key(controller, code);
    const auto* control = find(key);
    if (!control) return;
    if (!m_seen.contains(key)) stand(controller, code, counts);
    auto& seen = m_seen[key];
    switch (control->kind) {
        case ControlKind::Axis: {
            const double value = control->calibration.valueOf(counts.x, control->sides);
            seen.low = std::min(seen.low, value);
            seen.high = std::max(seen.high, value);
            if (std::abs(value - seen.still) > kRest || seen.since == Time{}) {
                seen.still = value;
                seen.since = time;
            }
            seen.now = value;
            noteCorner(controller);
            break;
        }
        case ControlKind::Button:
            seen.wasPressed = seen.wasPressed || counts.x != 0;
            seen.wasLetGo = seen.wasLetGo || (counts.x == 0 && seen.last.x != 0);
            break;
        case ControlKind::Hat:
            if (const auto way = wayOf(valueOfCounts(control->kind, counts)))
                seen.ways |= 1U << *way;
            break;
        case ControlKind::Turner:
            seen.turnedOn = seen.turnedOn || counts.x > seen.last.x;
            seen.turnedBack = seen.turnedBack || counts.x < seen.last.x;
            break;
    }
    seen.last = counts;
    seen.hasMoved = true;
}

/// Whether X and Y of a stick are near to two of their ends at once.
void DeskWalk::noteCorner(const std::string& controller)
{
    const auto x = m_seen.find({controller, kAxisX});
    const auto y = m_seen.find({controller, kAxisY});
    if (x == m_seen.end() || y == m_seen.end()) return;
    if (std::abs(x->second.now) < kCorner || std::abs(y->second.now) < kCorner) return;
    const auto corner = (x->second.now > 0.0 ? 1U : 0U) + (y->second.now > 0.0 ? 2U : 0U);
    x->second.ways |= 1U << corner;
}

WalkedControl DeskWalk::walkedOf(const RigController& controller, const RigControl& control,
                                 const Seen& seen, Time now) const
{
    WalkedControl walked{controller.id, control.code, nameOf(controller, control)};
    const auto add = [&](Sentence step, bool isDone, bool isAsked = true) {
        walked.steps.push_back({std::move(step), isDone, isAsked});
    };
    switch (control.kind) {
        case ControlKind::Axis: {
            const double low = control.sides == Sides::Two ? -1.0 : 0.0;
            const auto more = Sentence::ourWord(control.more);
            const auto less = Sentence::ourWord(oppositeOf(control.more));
            add(more.empty() ? words("more") : say("%1 is more", more), seen.high >= 1.0 - kEnd);
            add(less.empty() ? words("less") : say("%1 is less", less), seen.low <= low + kEnd);
            const auto* y = findControl(controller, kAxisY);
            const bool isStick = control.code == kAxisX && control.sides == Sides::Two && y &&
                                 y->sides == Sides::Two;
            if (isStick) {
                const auto corners = std::popcount(seen.ways);
                add(say("%1 of 4 corners", corners), corners == 4, false);
            }
            const bool wasLetGo = seen.hasMoved && now - seen.since >= kLetGo;
            if (control.sides == Sides::Two && wasLetGo && std::abs(seen.still) > kRest)
                walked.remark = say("rests at %1, not in its middle", percent(seen.still));
            break;
        }
        case ControlKind::Button:
            add(words("pressed"), seen.wasPressed);
            add(words("let go"), seen.wasLetGo);
            break;
        case ControlKind::Hat:
            for (const auto way : kAskedWays)
                add(kHatWays[way].name, (seen.ways >> way & 1U) != 0, way % 2 == 0);
            if (seen.last != Counts{}) walked.remark = words("is not in its middle");
            break;
        case ControlKind::Turner:
            add(words("turned on"), seen.turnedOn);
            add(words("turned back"), seen.turnedBack);
            break;
    }
    return walked;
}

std::vector<WalkedControl> DeskWalk::controls(Time now) const
{
    std::vector<WalkedControl> all;
    for (const auto& controller : m_rig) {
        for (const auto& control : controller.controls) {
            const auto seen = m_seen.find({controller.id, control.code});
            if (seen != m_seen.end())
                all.push_back(walkedOf(controller, control, seen->second, now));
        }
    }
    return all;
}

}  // namespace jolly
