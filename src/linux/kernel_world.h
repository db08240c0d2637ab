// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "linux/kernel_controller.h"
#include "linux/node_watch.h"
#include "linux/open_watch.h"
#include "linux/uinput_device.h"
#include "ports/helper.h"
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
    /// @param helper          keeps controllers for us alone; null where none is to be kept.
    explicit KernelWorld(bool takesKeyboards, std::unique_ptr<Helper> helper = nullptr);
    ~KernelWorld() override;

    [[nodiscard]] Time now() const noexcept override;
    void wait(Time deadline, WorldListener& listener) override;
    void wake() noexcept override;
    [[nodiscard]] bool hasLookedRound() const override;
    [[nodiscard]] Fallible hold(Handle controller) override;
    void letGo(Handle controller) override;
    void keepAlone(std::span<const Handle> controllers) override;
    void setStraight(Handle controller, bool isStraight) override;
    [[nodiscard]] Result<Handle> create(const VirtualSpec& spec) override;
    [[nodiscard]] WriteStatus write(Handle device,
                                    std::span<const VirtualMove> moves) noexcept override;
    void keepStill(bool isStill) override;
    [[nodiscard]] Result<std::unique_ptr<GameReader>> openAsGame(Handle device) override;
    void destroy(Handle device) override;

 private:
    /// A controller's node that may not be read yet.
    struct Retry {
        NodeNews news;
        Time since{};
        Time next{};
        bool isTold = false;  ///< that it may not be read
    };
    /// Controllers of one model that are kept for us alone.
    struct Model {
        std::uint16_t vendor = 0;
        std::uint16_t product = 0;
        [[nodiscard]] bool operator==(const Model&) const = default;
    };
    struct Virtual {
        Handle handle = 0;
        std::unique_ptr<UinputDevice> device;
        Time watchBy{};  ///< its node is looked for at this time; max once it was found
    };

    [[nodiscard]] Time findDeadline() const noexcept;
    void watchFd(int fd, EventNode* node = nullptr);
    void handleFd(int fd, WorldListener& listener);
    void readNode(EventNode& node, WorldListener& listener);
    void readAfterHold(WorldListener& listener);
    void housekeep(WorldListener& listener);
    void lookAfterDevices(Time time);
    void takeNews(const NodeNews& news, WorldListener& listener);
    void nodeCame(const NodeNews& news, WorldListener& listener, Time since);
    void nodeWent(const std::string& path, WorldListener& listener);
    void takeIn(const NodeNews& news, std::unique_ptr<EventNode> node, WorldListener& listener);
    void readHelper(WorldListener& listener);
    [[nodiscard]] bool mayBeKept(const NodeNews& news) const noexcept;
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
    std::unique_ptr<Helper> m_helper;
    std::vector<KernelController> m_controllers;
    std::vector<Virtual> m_virtuals;  ///< by ascending handle
    std::vector<Retry> m_retries;
    std::vector<Retry> m_opening;  ///< by the helper
    std::vector<Handle> m_alone;   ///< that the helper was asked to keep
    std::vector<Model> m_kept;     ///< what those are
    int m_keepsAsked = 0;          ///< not answered yet
    std::vector<RawMove> m_moves;
    Handle m_nextHandle = 1;
    Time m_ownDeadline = Time::max();  ///< of housekeep()
    bool m_hasPlansChanged = true;     ///< it has to be found anew
    Time m_lookAgain = Time::max();    ///< at a system that stands in the way
    bool m_haveNodesChanged = false;   ///< since the last event was handled
    bool m_isStill = false;            ///< devices are not nudged; later they are
    bool m_hasJustHeld = false;        ///< what changed during a grab is still to be told
};

}  // namespace jolly
