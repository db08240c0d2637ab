// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/flight/recording.h"

#include "core/flight/tape.h"

#include <algorithm>

namespace jolly
{

namespace
{

using Kind = Happening::Kind;

/// Whether a place is inside of a character of UTF-8.
bool isInside(std::string_view text, std::size_t place)
{
    return place < text.size() && (static_cast<unsigned char>(text[place]) & 0xc0U) == 0x80U;
}

/// Whether what happened can have happened to what is recorded, in that time.
bool makesSense(const Recording& recording, const Chunk& chunk, const Happening& happening)
{
    constexpr Time kSlack = std::chrono::seconds(10);  // of the kernel's stamps
    const bool isController = happening.kind == Kind::Arrive || happening.kind == Kind::Gone ||
                              happening.kind == Kind::Lost;
    if (happening.hasTrack()) {
        if (happening.what >= recording.tracks.size()) return false;
        const bool isOfController = happening.kind == Kind::Move || happening.kind == Kind::Stand;
        if (recording.tracks[happening.what].isVirtual() == isOfController) return false;
    }
    if (isController && happening.what >= recording.controllers.size()) return false;
    return happening.time >= chunk.first - kSlack && happening.time <= chunk.last;
}

}  // namespace

TextEdit editBetween(std::string_view before, std::string_view after)
{
    const auto shorter = std::min(before.size(), after.size());
    auto from = static_cast<std::size_t>(
        std::mismatch(before.begin(), before.begin() + static_cast<std::ptrdiff_t>(shorter),
                      after.begin())
            .first -
        before.begin());
    std::size_t alike = 0;
    while (alike < shorter - from &&
           before[before.size() - 1 - alike] == after[after.size() - 1 - alike])
        ++alike;
    // What is put in is text by itself: it begins and ends between two characters.
    while (from > 0 && (isInside(before, from) || isInside(after, from))) --from;
    while (alike > 0 && isInside(after, after.size() - alike)) --alike;
    return {from, before.size() - from - alike,
            std::string(after.substr(from, after.size() - from - alike))};
}

void applyEdit(std::string& text, const TextEdit& edit)
{
    const auto from = std::min<std::size_t>(edit.from, text.size());
    text.replace(from, std::min<std::size_t>(edit.removed, text.size() - from), edit.put);
}

std::string Recording::textOf(std::uint32_t number) const
{
    return TextWalk(*this).at(number);
}

const std::string& TextWalk::at(std::uint32_t number)
{
    const auto& tangles = m_recording->tangles;
    const auto first = m_recording->firstTangle;
    if (number < first || number - first >= tangles.size()) return m_none;
    const std::size_t wanted = number - first + 1;
    if (wanted < m_applied) {
        m_text.clear();
        m_applied = 0;
    }
    while (m_applied < wanted) applyEdit(m_text, tangles[m_applied++]);
    return m_text;
}

std::optional<std::uint32_t> Recording::findTrack(const Target& place) const
{
    for (std::uint32_t track = 0; track < tracks.size(); ++track) {
        if (tracks[track].isVirtual() && tracks[track].place == place) return track;
    }
    return std::nullopt;
}

std::size_t Recording::chunkAt(Time time) const
{
    const auto after = std::ranges::upper_bound(chunks, time, {}, &Chunk::first);
    return after == chunks.begin() ? 0 : static_cast<std::size_t>(after - chunks.begin()) - 1;
}

Result<ReadChunk> Recording::read(std::size_t number) const
{
    const auto& chunk = chunks[number];
    auto bytes = chunk.bytes;
    if (!bytes) {
        auto fetched = fetch(chunk);
        if (!fetched) return tl::unexpected(std::move(fetched.error()));
        bytes = std::make_shared<const std::string>(std::move(*fetched));
    }
    TapeReader reader(*bytes);
    std::vector<Happening> all;
    bool isSound = true;
    while (const auto happening = reader.next()) {
        isSound = isSound && makesSense(*this, chunk, *happening);
        all.push_back(*happening);
    }
    if (!isSound || reader.isDamaged() || all.size() < chunk.count)
        return fail(Failure::Code::Unreadable,
                    words("A part of the recording is damaged; what follows it cannot be read."),
                    words("What is before it can be used."));
    ReadChunk read;
    const auto begin = all.begin() + static_cast<std::ptrdiff_t>(all.size() - chunk.count);
    std::for_each(all.begin(), begin, [&](const auto& one) { read.begin.take(one); });
    all.erase(all.begin(), begin);
    read.happenings = std::move(all);
    return read;
}

Fallible Recording::forEach(std::size_t firstChunk,
                            const std::function<void(const Standing&)>& begin,
                            const std::function<bool(const Happening&)>& take) const
{
    for (auto c = firstChunk; c < chunks.size(); ++c) {
        const auto chunk = read(c);
        if (!chunk) return tl::unexpected(chunk.error());
        if (c == firstChunk) begin(chunk->begin);
        for (const auto& happening : chunk->happenings) {
            if (!take(happening)) return {};
        }
    }
    return {};
}

Result<Standing> Recording::standingAt(Time time) const
{
    if (chunks.empty()) return Standing{};
    auto chunk = read(chunkAt(time));
    if (!chunk) return tl::unexpected(chunk.error());
    for (const auto& happening : chunk->happenings) {
        if (happening.time > time) break;
        chunk->begin.take(happening);
    }
    return std::move(chunk->begin);
}

}  // namespace jolly
