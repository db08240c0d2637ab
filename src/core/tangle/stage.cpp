// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/tangle/stage.h"

namespace jolly
{

StageParameters::StageParameters() = default;
StageParameters::StageParameters(const StageParameters&) = default;
StageParameters::StageParameters(StageParameters&&) noexcept = default;
StageParameters& StageParameters::operator=(const StageParameters&) = default;
StageParameters& StageParameters::operator=(StageParameters&&) noexcept = default;
StageParameters::~StageParameters() = default;

bool operator==(const StageParameters& a, const StageParameters& b)
{
    const StageList::Parameters& theirs = b;
    return static_cast<const StageList::Parameters&>(a) == theirs;
}

const StageInfo& infoOf(const StageParameters& parameters)
{
    return std::visit(
        [](const auto& p) -> const StageInfo& { return std::decay_t<decltype(p)>::kInfo; },
        parameters);
}

Signal signalAfter(const StageParameters& parameters, Signal signal)
{
    return std::visit(
        [signal](const auto& p) {
            if constexpr (requires { p.gives(signal); }) return p.gives(signal);
            return signal;
        },
        parameters);
}

std::vector<std::string> outletsOf(const StageParameters& parameters)
{
    return std::visit(
        [](const auto& p) -> std::vector<std::string> {
            if constexpr (requires { p.outlets(); }) return p.outlets();
            return {""};
        },
        parameters);
}

bool forks(const StageParameters& parameters)
{
    return outletsOf(parameters).size() > 1;
}

std::optional<Stretch> ownTravelOf(const StageParameters& parameters, double low)
{
    return std::visit(
        [low](const auto& p) -> std::optional<Stretch> {
            if constexpr (requires { p.ownTravel(low); }) return p.ownTravel(low);
            return std::nullopt;
        },
        parameters);
}

}  // namespace jolly
