// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/flight/story.h"

#include "core/flight/happening_words.h"
#include "core/tangle/device_edit.h"

#include <cmath>
#include <utility>

namespace jolly
{

namespace
{

using Kind = Happening::Kind;

StoryKind kindOf(Kind kind)
{
    switch (kind) {
        case Kind::Flip:
        case Kind::Fly:
        case Kind::Engaged:
        case Kind::Flown:
            return StoryKind::Layer;
        case Kind::Arrive:
        case Kind::Gone:
            return StoryKind::Plug;
        case Kind::Hand:
        case Kind::HandOff:
        case Kind::Change:
        case Kind::Tick:
            return StoryKind::Game;
        case Kind::Lost:
        case Kind::Gap:
            return StoryKind::Fault;
        default:
            return StoryKind::Edit;
    }
}

}  // namespace

void Story::endLine()
{
    if (m_open) m_lines.push_back(std::move(*m_open));
    m_open.reset();
    m_movingAxis.reset();
}

void Story::begin(const Happening& happening, StoryKind kind, const Sentence& what)
{
    m_open = StoryLine{happening.time, kind, what.withCapital(), {}};
}

/// Axes that came to rest are told, if they came far enough.
void Story::tellRested(Time now, const Recording& recording, const Tangle& tangle)
{
    for (auto& [track, axis] : m_axes) {
        if (!axis.moves || now - axis.last.time < kRest) continue;
        axis.moves = false;
        const auto& described = recording.tracks[track];
        const auto& control =
            recording.controllers[described.controller].controls[described.control];
        const double span = std::max(1.0, static_cast<double>(control.high) - control.low);
        const double part = (axis.last.raw - control.low) / span;
        if (axis.isKnown && std::abs(part - axis.told) < kQuiet) continue;
        axis.told = part;
        axis.isKnown = true;
        m_lines.push_back({axis.last.time, StoryKind::Touch,
                           moveInShort(axis.last, recording, tangle).withCapital(), axis.result});
    }
}

void Story::takeMove(const Happening& happening, const Recording& recording, const Tangle& tangle)
{
    const auto& track = recording.tracks[happening.what];
    const auto& controls = recording.controllers[track.controller].controls;
    if (controls[track.control].kind == ControlKind::Axis) {
        if (happening.isFirst) endLine();
        auto& axis = m_axes[happening.what];
        axis.last = happening;
        axis.moves = true;
        axis.result = {};
        m_movingAxis = happening.what;
        return;
    }
    endLine();
    begin(happening, StoryKind::Touch, moveInShort(happening, recording, tangle));
}

void Story::takeChange(const Happening& happening, const Recording& recording, const Tangle& tangle)
{
    const auto& place = recording.tracks[happening.what].place;
    const auto known = m_stands.find(happening.what);
    const bool isSame = known != m_stands.end() && known->second == happening.raw;
    m_stands[happening.what] = happening.raw;
    if (isSame) return;
    const auto counts = happening.isHatY ? Counts{0, happening.raw} : Counts{happening.raw, 0};
    const bool isLetGo = place.control.kind == ControlKind::Button && happening.raw == 0;
    const auto text = say("%1 %2", placeName(tangle, place),
                          isLetGo ? words("let go") : countsInWords(tangle, place, counts));
    const auto add = [&](Sentence& result) {
        result = result.empty() ? text : say("%1, %2", result, text);
    };
    if (m_open && m_open->kind == StoryKind::Touch) return add(m_open->result);
    if (m_open) return;  // an edit, or the beginning: all of it may change
    if (m_movingAxis) return add(m_axes[*m_movingAxis].result);
    if (place.control.kind == ControlKind::Axis) return;  // it moves by itself, and often
    m_lines.push_back(
        {happening.time, StoryKind::Game, say("%1, by itself", text.withCapital()), {}});
}

void Story::take(const Happening& happening, const Recording& recording, const Tangle& tangle)
{
    tellRested(happening.time, recording, tangle);
    switch (happening.kind) {
        case Kind::Move:
            return takeMove(happening, recording, tangle);
        case Kind::Change:
            return takeChange(happening, recording, tangle);
        case Kind::Tick:
        case Kind::Stand:
            return endLine();
        default:
            endLine();
            begin(happening, kindOf(happening.kind), inWords(happening, recording, tangle));
    }
}

std::vector<StoryLine> Story::takeLines()
{
    return std::exchange(m_lines, {});
}

}  // namespace jolly
