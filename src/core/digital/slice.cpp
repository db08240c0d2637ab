// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/digital/slice.h"

#include "core/value/percent.h"

#include <algorithm>
#include <cmath>
#include <set>

namespace jolly
{

namespace
{

Sentence complaintAbout(const SlicePart& slice)
{
    const auto& name = slice.name;
    for (const double edge : {slice.from, slice.to, slice.letGoBelow, slice.letGoAbove}) {
        if (!(edge >= -1.0 && edge <= 1.0))
            return say("the slice \"%1\" has an edge beyond the travel", name);
    }
    if (slice.to < slice.from)
        return say("the slice \"%1\" ends at %2, before it begins at %3", name, percent(slice.to),
                   percent(slice.from));
    if (slice.letGoBelow > slice.from)
        return say("the slice \"%1\" is let go below %2 although it begins at %3 only", name,
                   percent(slice.letGoBelow), percent(slice.from));
    if (slice.entry == Entry::Below && slice.from <= -1.0)
        return say("the slice \"%1\" begins at the low end: nothing comes into it from below",
                   name);
    if (slice.entry == Entry::Above && slice.to >= 1.0)
        return say("the slice \"%1\" reaches to the high end: nothing comes into it from above",
                   name);
    if (slice.letGoAbove < slice.to)
        return say("the slice \"%1\" is let go above %2 although it reaches to %3", name,
                   percent(slice.letGoAbove), percent(slice.to));
    return {};
}

}  // namespace

Sentence Slice::complaint() const
{
    if (slices.empty()) return words("it has no slice");
    std::set<std::string> names;
    for (const auto& slice : slices) {
        if (slice.name.empty()) return words("a slice has no name");
        if (!names.insert(slice.name).second)
            return say("two slices are called \"%1\"", slice.name);
        if (auto wrong = complaintAbout(slice); !wrong.empty()) return wrong;
    }
    return {};
}

Sentence Slice::summary() const
{
    if (slices.size() < 2) return several("%n slice", "%n slices", slices.size());
    return overlap == Overlap::PileUp ? say("%1 slices, pile up", slices.size())
                                      : say("%1 slices, the last one counts", slices.size());
}

std::vector<std::string> Slice::outlets() const
{
    std::vector<std::string> names;
    for (const auto& slice : slices) names.push_back(slice.name);
    return names;
}

/// One that wants to be entered from a side is not where the axis was seen nowhere before.
bool Slice::Runner::isEntered(const SlicePart& slice, double at) const noexcept
{
    if (at < slice.from || at > slice.to) return false;
    if (slice.entry == Entry::Either) return true;
    if (!m_before) return false;
    return slice.entry == Entry::Below ? *m_before < slice.from : *m_before > slice.to;
}

Sentence Slice::rangeOf(const std::string& outlet) const
{
    const auto found = std::ranges::find(slices, outlet, &SlicePart::name);
    const auto& slice = found == slices.end() && outlet.empty() ? slices.begin() : found;
    if (slice == slices.end()) return {};
    return say("%1 to %2", percent(slice->from), percent(slice->to));
}

void Slice::Runner::apply(Value in, const Moment&, std::span<Value> outlets) noexcept
{
    bool isTaken = false;
    for (auto i = m_slices.size(); i-- > 0;) {
        const auto& slice = m_slices[i];
        m_areHeld[i] = m_areHeld[i] ? in.x >= slice.letGoBelow && in.x <= slice.letGoAbove
                                    : isEntered(slice, in.x);
        const bool isPressed = m_areHeld[i] && !(m_excludes && isTaken);
        isTaken = isTaken || isPressed;
        if (i < outlets.size()) outlets[i] = {isPressed ? 1.0 : 0.0, 0.0};
    }
    m_before = in.x;
}

void Slice::Runner::continueFrom(const Runner& before) noexcept
{
    m_before = before.m_before;
    for (std::size_t i = 0; i < m_slices.size(); ++i) {
        const auto same = std::ranges::find(before.m_slices, m_slices[i].name, &SlicePart::name);
        m_areHeld[i] = same != before.m_slices.end() &&
                       before.m_areHeld[static_cast<std::size_t>(same - before.m_slices.begin())];
    }
}

}  // namespace jolly
