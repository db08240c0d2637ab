// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "linux/event_node.h"
#include "ports/world.h"

#include <memory>
#include <string>
#include <vector>

namespace jolly
{

/// One physical device with all its event nodes.
class KernelController
{
 public:
    /// @param group  what all nodes of the device have in common.
    KernelController(std::string group, std::string driver)
        : m_group(std::move(group)), m_driver(std::move(driver))
    {
    }

    /// Adds a node. The nodes' order, and with it the numbers of their controls, is the same at
    /// every start: keyboards and pointers last, so that allowing them moves nothing else, then by
    /// port, then as the kernel made them.
    void add(std::unique_ptr<EventNode> node);

    /// Takes a node out. @return whether none is left.
    bool remove(const std::string& path);

    void setHandle(Handle handle) noexcept
    {
        m_handle = handle;
        for (auto& node : m_nodes) node->setOwner(handle);
    }
    [[nodiscard]] Handle handle() const noexcept { return m_handle; }
    [[nodiscard]] const std::string& group() const noexcept { return m_group; }
    [[nodiscard]] bool has(const std::string& path) const;
    [[nodiscard]] int firstFd() const noexcept { return m_nodes.front()->fd(); }

    [[nodiscard]] ControllerDescription description() const;
    [[nodiscard]] std::vector<Counts> state() const;

    /// Adds the nodes that have something to tell without being readable.
    void addNodesWithNews(std::vector<EventNode*>& nodes) const;

    /// All nodes or none.
    [[nodiscard]] Fallible grab();
    void release();
    void setStraight(bool isStraight);

 private:
    Handle m_handle = 0;
    std::string m_group;
    std::string m_driver;
    std::vector<std::unique_ptr<EventNode>> m_nodes;
};

}  // namespace jolly
