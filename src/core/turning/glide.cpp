// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/turning/glide.h"

#include "core/value/percent.h"

namespace jolly
{

Sentence Glide::complaint() const
{
    if (step == 0.0) return words("counts of 0 go nowhere");
    if (!(lowest < highest))
        return say("\"lowest\" %1 is not below \"highest\" %2; nothing is left between them",
                   percent(lowest), percent(highest));
    return complaintBelowRest(rests, {lowest, highest});
}

Sentence Glide::summary() const
{
    return say("%1 a count", percent(step));
}

Glide::Runner::Runner(const Glide& glide, const StageInput& input)
    : m_step(glide.step),
      m_lowest(glide.lowest),
      m_highest(glide.highest),
      m_back(glide.back),
      m_rest(std::clamp(0.0, m_lowest, m_highest)),
      m_reset(input.find(glide.reset)),
      m_past{m_rest}
{
}

Value Glide::Runner::apply(Value in, const Moment& moment) noexcept
{
    const double way = m_back * std::max(inSeconds(moment.now - m_past.last), 0.0);
    m_past.value = m_past.value > m_rest ? std::max(m_past.value - way, m_rest)
                                         : std::min(m_past.value + way, m_rest);
    m_past.last = moment.now;
    if (!moment.isNews) m_past.before = in.x;
    const double turned = (in.x - m_past.before) * m_step;
    m_past.value = std::clamp(m_past.value + turned, m_lowest, m_highest);
    m_past.before = in.x;
    if (moment.of(m_reset).isPressed()) m_past.value = m_rest;
    return {m_past.value, 0.0};
}

void Glide::Runner::continueFrom(const Runner& before) noexcept
{
    m_past = before.m_past;
    m_past.value = std::clamp(m_past.value, m_lowest, m_highest);
}

}  // namespace jolly
