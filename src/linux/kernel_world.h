// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "linux/kernel_controller.h"
#include "linux/node_watch.h"
#include "linux/open_watch.h"
#include "linux/uinput_device.h"
#include "ports/world.h"

#include <memory>
#include <span>
#include <string>
#include <vector>

namespace jolly
{

/// The controllers and virtual devices of the running kernel.
class KernelWorld : public World
{
 public:
    /// @param takesKeyboards  whether keyboards and pointers count as controllers, too.
    explicit KernelWorld(bool takesKeyboards);
    ~KernelWorld() override;

    [[nodiscard]] Time now() const noexcept override;
    void wait(Time deadline, WorldListener& listener) override;
    void wake() noexcept override;
    [[nodiscard]] Fallible hold(Handle controller) override;
    void letGo(Handle controller) override;
    [[nodiscard]] Fallible setAlone(Handle controller, bool isAlone) override;
    void setStraight(Handle controller, bool isStraight) override;
    [[nodiscard]] Result<Handle> create(const VirtualSpec& spec) override;
    [[nodiscard]] WriteStatus write(Handle device,
                                    std::span<const VirtualMove> moves) noexcept override;
    void destroy(Handle device) override;

 private:
    /// A controller's node that may not be read yet.
    struct Retry {
        NodeNews news;
        Time since{};
        Time next{};
    };
    struct Virtual {
        Handle handle = 0;
        std::unique_ptr<UinputDevice> device;
        Time watchBy{};  ///< its node is looked for at this time; max once it was found
    };

    [[nodiscard]] Time nextDeadline(Time deadline) const noexcept;
    void watchFd(int fd);
    void handleFd(int fd, WorldListener& listener);
    void readNode(int fd, WorldListener& listener);
    void readAfterHold(WorldListener& listener);
    void housekeep(WorldListener& listener);
    void takeNews(const NodeNews& news, WorldListener& listener);
    void nodeCame(const NodeNews& news, WorldListener& listener, Time since);
    void nodeWent(const std::string& path, WorldListener& listener);
    void cannotRead(const NodeNews& news, const Failure& failure, Time since,
                    WorldListener& listener);
    void meetOurs(const NodeNews& news, WorldListener& listener);
    void lookAtSystem(WorldListener& listener);
    [[nodiscard]] bool wants(const NodeNews& news) const noexcept;
    [[nodiscard]] KernelController* controllerOf(Handle handle) noexcept;

    bool m_takesKeyboards;
    bool m_hasEnumerated = false;
    UniqueFd m_epoll;
    UniqueFd m_bell;
    NodeWatch m_watch;
    OpenWatch m_opens;
    std::vector<KernelController> m_controllers;
    std::vector<Virtual> m_virtuals;
    std::vector<Retry> m_retries;
    std::vector<RawMove> m_moves;
    Handle m_nextHandle = 1;
    Time m_lookAgain = Time::max();  ///< at a system that stands in the way
    bool m_hasJustHeld = false;      ///< what changed during a grab is still to be told
};

}  // namespace jolly
