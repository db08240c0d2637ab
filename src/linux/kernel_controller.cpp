// SPDX-License-Identifier: GPL-3.0-or-later
#include "linux/kernel_controller.h"

#include <algorithm>
#include <tuple>

namespace jolly
{

namespace
{

/// What the nodes of one device are sorted by; event9 comes before event10.
auto placeOf(const std::unique_ptr<EventNode>& node)
{
    const bool isDesk =
        node->kind() == ControllerKind::Keyboard || node->kind() == ControllerKind::Pointer;
    return std::tuple(isDesk, node->identity().phys, node->path().size(), node->path());
}

}  // namespace

void KernelController::add(std::unique_ptr<EventNode> node)
{
    m_nodes.push_back(std::move(node));
    std::ranges::sort(m_nodes, {}, placeOf);
    std::uint16_t first = 0;
    for (auto& each : m_nodes) {
        each->number(first);
        first = static_cast<std::uint16_t>(first + each->controls(0).size());
    }
}

bool KernelController::remove(const std::string& path)
{
    std::erase_if(m_nodes, [&](const auto& node) { return node->path() == path; });
    return m_nodes.empty();
}

bool KernelController::has(const std::string& path) const
{
    return std::ranges::any_of(m_nodes, [&](const auto& node) { return node->path() == path; });
}

void KernelController::addNodesWithNews(std::vector<EventNode*>& nodes) const
{
    for (const auto& node : m_nodes) {
        if (node->hasNews()) nodes.push_back(node.get());
    }
}

ControllerDescription KernelController::description() const
{
    const auto& first = *m_nodes.front();
    ControllerDescription description{first.identity(), first.kind(), {}, m_driver, {}};
    std::uint8_t number = 0;
    for (const auto& node : m_nodes) {
        for (const auto& control : node->controls(number)) description.controls.push_back(control);
        description.nodes.push_back(node->path());
        ++number;
    }
    return description;
}

std::vector<Counts> KernelController::state() const
{
    std::vector<Counts> state;
    for (const auto& node : m_nodes) {
        for (const auto counts : node->state()) state.push_back(counts);
    }
    return state;
}

Fallible KernelController::grab()
{
    for (auto& node : m_nodes) {
        if (auto done = node->grab(); !done) {
            release();
            return done;
        }
    }
    return {};
}

void KernelController::release()
{
    for (auto& node : m_nodes) node->release();
}

void KernelController::setStraight(bool isStraight)
{
    for (auto& node : m_nodes) node->setStraight(isStraight);
}

}  // namespace jolly
