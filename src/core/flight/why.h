// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/flight/flight_player.h"

#include <functional>
#include <optional>
#include <string>
#include <vector>

namespace jolly
{

/// One strand that ends at a virtual control, and what it said there.
struct WhyStrand {
    std::string id;
    Source source{};
    Value in{};                     ///< what its control stands at
    std::optional<Time> movedAt{};  ///< when that moved last, if the recording still has it
    std::vector<Value> stages{};    ///< what came out of each that is switched on
    bool counts = false;            ///< its layer is the highest one engaged that has any
    bool leads = false;             ///< the virtual control has its value from it
};

/// Why a virtual control stands where it stands.
struct Why {
    Target place{};
    Time at{};                          ///< the moment that was asked about
    Counts counts{};                    ///< what it stood at
    bool isByHand = false;              ///< it was held by hand
    std::optional<Time> changedAt{};    ///< when it took that value, if the recording still has it
    Happening cause{};                  ///< what happened right before that
    Tangle tangle{};                    ///< that ran
    std::vector<std::string> layers{};  ///< engaged, from the bottom up, without Base
    std::string craft{};                ///< id
    std::vector<WhyStrand> strands{};   ///< those that count first
    std::optional<Time> editedAt{};     ///< the last edit before that moment
    std::optional<Time> layersChangedAt{};  ///< likewise
};

/// Finds out from a recording why a virtual control stood where it did. NotThere when it was not
/// recorded. What stages remembered from before the recording is not known, see FlightPlayer.
[[nodiscard]] Result<Why> whyOf(const Recording& recording, const FlightPlayer::TangleOf& tangleOf,
                                const Target& place, Time at);

/// The same in sentences. @param when  says a time: "14:21:04.301".
[[nodiscard]] std::vector<Sentence> sentencesOf(const Why& why, const Recording& recording,
                                                const std::function<std::string(Time)>& when);

}  // namespace jolly
