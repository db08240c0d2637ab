// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/calibration/button_survey.h"

#include <algorithm>
#include <numeric>

namespace jolly
{

namespace
{

constexpr std::size_t kFewest = 3;
constexpr Time kLongestPulse = std::chrono::milliseconds(35);
constexpr Time kHandOver = std::chrono::milliseconds(120);
constexpr Time kStays = std::chrono::seconds(6);
constexpr Time kLongestPush = std::chrono::seconds(1);

/// How long each press lasted; the one that still lasts, too.
std::vector<Time> pressesOf(const ButtonSeries& button, Time until)
{
    std::vector<Time> presses;
    std::optional<Time> down;
    if (button.wasDown) down = button.since;
    for (const auto& edge : button.edges) {
        if (edge.isDown && !down) down = edge.time;
        if (edge.isDown || !down) continue;
        presses.push_back(edge.time - *down);
        down.reset();
    }
    if (down) presses.push_back(until - *down);
    return presses;
}

ButtonGuess guessAlone(const ButtonSeries& button, Time until)
{
    const auto presses = pressesOf(button, until);
    if (presses.empty()) return {};
    const auto [shortest, longest] = std::ranges::minmax(presses);
    using std::chrono::duration_cast;
    if (presses.size() >= kFewest && longest <= kLongestPulse)
        return {ButtonKind::EncoderPulse,
                say("%1 pulses of at most %2 ms: an endless dial", presses.size(),
                    duration_cast<std::chrono::milliseconds>(longest).count()),
                {}};
    if (longest >= kStays)
        return {ButtonKind::Switch,
                say("Stayed pressed for %1 s: a switch",
                    duration_cast<std::chrono::seconds>(longest).count()),
                {}};
    if (presses.size() >= kFewest && shortest > kLongestPulse && longest <= kLongestPush)
        return {ButtonKind::Push, say("%1 short presses: it springs back", presses.size()), {}};
    return {};
}

/// An edge of one of several buttons.
struct Edge {
    ButtonEdge edge;
    std::size_t button;
};

std::vector<Edge> allEdges(std::span<const ButtonSeries> buttons)
{
    std::vector<Edge> edges;
    for (std::size_t b = 0; b < buttons.size(); ++b) {
        for (const auto& edge : buttons[b].edges) edges.push_back({edge, b});
    }
    std::ranges::stable_sort(edges, {}, [](const Edge& each) { return each.edge.time; });
    return edges;
}

/// Finds buttons that hand over to each other.
class Selectors
{
 public:
    explicit Selectors(std::span<const ButtonSeries> buttons)
        : m_buttons(buttons), m_group(buttons.size()), m_isTrue(buttons.size(), true)
    {
        std::iota(m_group.begin(), m_group.end(), std::size_t{0});
        const auto edges = allEdges(buttons);
        for (std::size_t i = 0; i < edges.size(); ++i) handOver(edges, i);
    }

    /// The groups of which exactly one button was down whenever none handed over.
    [[nodiscard]] std::vector<std::vector<std::size_t>> find() const
    {
        std::vector<std::vector<std::size_t>> members(m_buttons.size());
        for (std::size_t b = 0; b < m_buttons.size(); ++b) members[m_group[b]].push_back(b);
        std::erase_if(members, [this](const auto& group) { return !isSelector(group); });
        return members;
    }

 private:
    /// Joins a button with the one that changed the other way at the same moment; a change without
    /// such a partner makes it no selector.
    void handOver(const std::vector<Edge>& edges, std::size_t i)
    {
        const auto& one = edges[i];
        const auto isPartner = [&](const Edge& other) {
            return other.button != one.button && other.edge.isDown != one.edge.isDown;
        };
        for (std::size_t k = i + 1;
             k < edges.size() && edges[k].edge.time - one.edge.time <= kHandOver; ++k) {
            if (isPartner(edges[k])) return join(one.button, edges[k].button);
        }
        for (std::size_t k = i; k-- > 0 && one.edge.time - edges[k].edge.time <= kHandOver;) {
            if (isPartner(edges[k])) return join(one.button, edges[k].button);
        }
        m_isTrue[one.button] = false;
    }

    void join(std::size_t one, std::size_t other)
    {
        const auto from = std::max(m_group[one], m_group[other]);
        const auto to = std::min(m_group[one], m_group[other]);
        std::ranges::replace(m_group, from, to);
    }

    [[nodiscard]] bool isSelector(const std::vector<std::size_t>& group) const
    {
        if (group.size() < 2) return false;
        std::size_t down = 0;
        for (const auto b : group) {
            const auto& button = m_buttons[b];
            const bool isDown = button.edges.empty() ? button.wasDown : button.edges.back().isDown;
            if (isDown) ++down;
            if (!m_isTrue[b]) return false;
        }
        return down == 1;
    }

    std::span<const ButtonSeries> m_buttons;
    std::vector<std::size_t> m_group;  ///< for each button the first of its group
    std::vector<bool> m_isTrue;        ///< each change of it was a handing over
};

}  // namespace

std::vector<ButtonGuess> guessKinds(std::span<const ButtonSeries> buttons, Time until)
{
    std::vector<ButtonGuess> guesses;
    for (const auto& button : buttons) guesses.push_back(guessAlone(button, until));
    for (const auto& group : Selectors(buttons).find()) {
        for (const auto b : group) {
            guesses[b] = {
                ButtonKind::Selector,
                say("One of %1 buttons of which one is always pressed: a selector", group.size()),
                group};
        }
    }
    return guesses;
}

}  // namespace jolly
