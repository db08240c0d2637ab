// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/flight/why.h"

#include <algorithm>

namespace jolly
{

namespace
{

using Kind = Happening::Kind;

/// From so long before the last change on it is played, so that stages know what they would know.
constexpr Time kRunUp = std::chrono::seconds(60);

struct LastChange {
    Time time{};
    std::vector<Happening> causes;  ///< the frame that it came of, or what else happened
};

/// The last time that a track took the value it stands at, before and at a moment.
Result<std::optional<LastChange>> lastChange(const Recording& recording, std::uint32_t track,
                                             Time at)
{
    for (auto c = recording.chunkAt(at) + 1; c-- > 0;) {
        const auto& active = recording.chunks[c].active;
        if (!std::ranges::binary_search(active, track)) continue;
        const auto chunk = recording.read(c);
        if (!chunk) return tl::unexpected(chunk.error());
        std::optional<LastChange> last;
        std::vector<Happening> causes;
        for (const auto& happening : chunk->happenings) {
            if (happening.time > at) break;
            const bool isChange = happening.kind == Kind::Change;
            const bool goesOn = happening.kind == Kind::Move && !happening.isFirst;
            if (!isChange && !goesOn) causes.clear();
            if (!isChange) causes.push_back(happening);
            if (isChange && happening.what == track) last = {happening.time, causes};
        }
        if (last) return last;
    }
    return std::nullopt;
}

/// What is asked about, at the moment to which the recording was played.
class Look
{
 public:
    explicit Look(FlightPlayer& player) : m_player(player) {}

    void take(Why& why) const
    {
        const auto& machine = m_player.machine();
        const auto& plan = machine.plan();
        const auto output = std::ranges::find(plan.outputs, why.place, &PlanOutput::place);
        for (std::size_t layer = 1; layer < plan.layers.size(); ++layer) {
            if (((m_player.standing().layers() >> layer) & 1U) != 0)
                why.layers.push_back(plan.layers[layer].id);
        }
        const auto craft = m_player.standing().craft();
        if (craft < plan.views.size()) why.craft = plan.views[craft].craft;
        if (output == plan.outputs.end()) return;
        const auto place = static_cast<std::uint32_t>(output - plan.outputs.begin());
        const auto leader = machine.meetings().leader(place);
        for (const auto link : output->links) add(why, link, link == leader);
        std::ranges::stable_sort(why.strands, [](const WhyStrand& a, const WhyStrand& b) {
            return std::pair(!a.leads, !a.counts) < std::pair(!b.leads, !b.counts);
        });
    }

 private:
    void add(Why& why, std::uint32_t link, bool leads) const
    {
        const auto& machine = m_player.machine();
        const auto number = machine.plan().links[link].strand;
        const auto& flat = machine.plan().strands[number];
        const auto& input = machine.plan().inputs[flat.input];
        WhyStrand strand{.id = flat.id,
                         .source = {input.controller, input.control.code},
                         .in = machine.inputs().shown(flat.input),
                         .movedAt = m_player.movedAt(flat.input),
                         .counts = machine.counts(number),
                         .leads = leads};
        for (auto s = flat.stages.first; s < flat.stages.first + flat.stages.count; ++s)
            strand.stages.push_back(machine.stages().value(s));
        why.strands.push_back(std::move(strand));
    }

    FlightPlayer& m_player;
};

/// Of several controls that moved together the one at which a strand begins that ends there.
void nameCause(Why& why, const std::vector<Happening>& causes, const FlightPlayer& player)
{
    for (const auto& strand : why.strands) {
        for (const auto& cause : causes) {
            if (cause.kind != Kind::Move || !player.inputOf(cause.what)) continue;
            const auto& plan = player.plan();
            const auto& input = plan.inputs[*player.inputOf(cause.what)];
            if (Source{input.controller, input.control.code} != strand.source) continue;
            why.cause = cause;
            return;
        }
    }
}

}  // namespace

Result<Why> whyOf(const Recording& recording, const FlightPlayer::TangleOf& tangleOf,
                  const Target& place, Time at)
{
    const auto track = recording.findTrack(place);
    if (!track || recording.chunks.empty())
        return fail(Failure::Code::NotThere,
                    say("The recording knows nothing of %1 of \"%2\".", nameOf(place.control),
                        place.device),
                    words("Name a virtual control of the tangle that was recorded."));
    at = std::min(at, recording.last());
    const auto change = lastChange(recording, *track, at);
    if (!change) return tl::unexpected(change.error());
    const auto standing = recording.standingAt(at);
    if (!standing) return tl::unexpected(standing.error());
    Why why{.place = place, .at = at, .counts = standing->counts(*track)};
    why.isByHand = standing->hands().contains(*track);
    if (*change) {
        why.changedAt = (*change)->time;
        if (!(*change)->causes.empty()) why.cause = (*change)->causes.back();
    }
    FlightPlayer player(recording, tangleOf);
    const auto from = recording.chunkAt(why.changedAt.value_or(at) - kRunUp);
    const auto begin = [&](const Standing& first) {
        player.begin(first, recording.chunks[from].first);
    };
    const auto take = [&](const Happening& happening) {
        if (happening.time > at) return false;
        if (happening.kind == Kind::Tangle) why.editedAt = happening.time;
        if (happening.kind == Kind::Engaged || happening.kind == Kind::Flown)
            why.layersChangedAt = happening.time;
        player.feed(happening);
        return true;
    };
    if (const auto done = recording.forEach(from, begin, take); !done)
        return tl::unexpected(done.error());
    player.finish();
    why.tangle = tangleOf(player.standing().tangle());
    Look(player).take(why);
    if (*change) nameCause(why, (*change)->causes, player);
    return why;
}

}  // namespace jolly
