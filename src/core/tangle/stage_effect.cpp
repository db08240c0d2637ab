// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/tangle/stage_effect.h"

#include "core/tangle/stage_complaint.h"

namespace jolly
{

namespace
{

/// What a kind answers to `question`; nothing of those that it cannot be put to.
template <class Answer, class Question>
std::optional<Answer> asked(const StageParameters& stage, Question&& question)
{
    return std::visit(
        [&](const auto& p) -> std::optional<Answer> {
            if constexpr (requires { question(p); }) return question(p);
            return std::nullopt;
        },
        stage);
}

std::optional<Curve> simOf(const StageParameters& stage)
{
    return asked<Curve>(stage, [](const auto& p) -> decltype(p.answer()) { return p.answer(); });
}

}  // namespace

bool isBent(const StageParameters& stage)
{
    return asked<bool>(stage, [](const auto& p) -> decltype(p.isBent()) { return p.isBent(); })
        .value_or(false);
}

Sentence rangeOfOutlet(const StageParameters& stage, const std::string& outlet)
{
    return asked<Sentence>(
               stage,
               [&](const auto& p) -> decltype(p.rangeOf(outlet)) { return p.rangeOf(outlet); })
        .value_or(Sentence());
}

bool undoesSim(const StageParameters& stage)
{
    return simOf(stage).has_value();
}

std::optional<Curve> answerOf(const StageParameters& stage)
{
    return complaintOf(stage).empty() ? simOf(stage) : std::nullopt;
}

std::optional<RestCover> restCoverOf(const StageParameters& stage)
{
    return asked<RestCover>(stage,
                            [](const auto& p) -> decltype(p.restCover()) { return p.restCover(); });
}

void setRestCover(StageParameters& stage, const RestCover& cover)
{
    std::visit(
        [&](auto& p) {
            if constexpr (requires { p.setRestCover(cover); }) p.setRestCover(cover);
        },
        stage);
}

std::optional<Stretch> partOf(const StageParameters& stage)
{
    return asked<Stretch>(stage, [](const auto& p) -> decltype(p.part()) { return p.part(); });
}

std::optional<Time> delayOf(const StageParameters& stage, double speed)
{
    return asked<Time>(
        stage, [speed](const auto& p) -> decltype(p.delayAt(speed)) { return p.delayAt(speed); });
}

std::optional<Source> partnerOf(const StageParameters& stage)
{
    const auto partner = asked<std::optional<Source>>(
        stage, [](const auto& p) -> std::decay_t<decltype(p.partner())> { return p.partner(); });
    return partner.value_or(std::nullopt);
}

void pairWith(StageParameters& stage, const Source& axis)
{
    std::visit(
        [&](auto& p) {
            if constexpr (requires { p.pairWith(axis); }) p.pairWith(axis);
        },
        stage);
}

}  // namespace jolly
