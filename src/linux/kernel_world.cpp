// SPDX-License-Identifier: GPL-3.0-or-later
#include "linux/kernel_world.h"

#include "linux/system_calls.h"
#include "linux/system_check.h"

#include <fcntl.h>
#include <sys/epoll.h>
#include <sys/eventfd.h>
#include <time.h>

#include <algorithm>
#include <array>
#include <cerrno>
#include <cstdio>
#include <utility>

namespace jolly
{

namespace
{

constexpr int kMostEvents = 32;
/// What epoll tells is a file descriptor, or the address of an event node: no address is as small.
constexpr std::uint64_t kMostFds = 65535;
/// Permissions may come a little after a node does: a pilot is told only then.
constexpr Time kPatience = std::chrono::seconds(1);
constexpr Time kRetryOften = std::chrono::milliseconds(200);
/// They may also come later, with a login or a new udev rule.
constexpr Time kRetryRarely = std::chrono::seconds(2);
const std::string kOtherEngine = "/system/engine";

/// Why a controller may not be read, and the rule for just that device.
Problem unreadable(const NodeNews& news, const Failure& failure)
{
    std::array<char, 16> ids{};
    std::snprintf(ids.data(), ids.size(), "%04x:%04x", news.vendor, news.product);
    const auto name = news.name.empty() ? Sentence(words("A device")) : Sentence(news.name);
    return {.severity = Severity::Warning,
            .path = news.path,
            .sentence = say("%1 is there, but you may not read it (%2): the system takes it %3.",
                            name, news.path, news.takenFor),
            .cure = news.takenFor.empty() ? failure.cure
                                          : words("Permit reading just this device, once."),
            .meaning = words("None of its strands can do anything."),
            .command = std::string(kPermitCommand) + " --device " + ids.data()};
}

}  // namespace

KernelWorld::KernelWorld(bool takesKeyboards, std::unique_ptr<Helper> helper)
    : m_takesKeyboards(takesKeyboards),
      m_epoll(epoll_create1(EPOLL_CLOEXEC)),
      m_bell(eventfd(0, EFD_CLOEXEC | EFD_NONBLOCK)),
      m_helper(std::move(helper))
{
    m_moves.reserve(EventNode::kMostMoves);
    watchFd(m_bell.get());
    watchFd(m_watch.fd());
    watchFd(m_opens.fd());
    if (m_helper) watchFd(m_helper->fd());
}

KernelWorld::~KernelWorld() = default;

Time KernelWorld::now() const noexcept
{
    timespec time{};
    clock_gettime(CLOCK_MONOTONIC, &time);
    return std::chrono::seconds(time.tv_sec) + std::chrono::nanoseconds(time.tv_nsec);
}

void KernelWorld::watchFd(int fd, EventNode* node)
{
    epoll_event event{};
    event.events = EPOLLIN;
    event.data.u64 = node ? reinterpret_cast<std::uintptr_t>(node) : static_cast<unsigned>(fd);
    epoll_ctl(m_epoll.get(), EPOLL_CTL_ADD, fd, &event);
}

void KernelWorld::wake() noexcept
{
    const std::uint64_t one = 1;
    [[maybe_unused]] const auto done = ::write(m_bell.get(), &one, sizeof one);
}

/// When housekeep() has something to do next.
Time KernelWorld::findDeadline() const noexcept
{
    Time deadline = Time::max();
    for (const auto& retry : m_retries) deadline = std::min(deadline, retry.next);
    for (const auto& device : m_virtuals) deadline = std::min(deadline, device.watchBy);
    deadline = std::min(deadline, m_lookAgain);
    return m_isStill ? deadline : std::min(deadline, m_opens.nextDeadline());
}

void KernelWorld::wait(Time deadline, WorldListener& listener)
{
    if (!m_hasEnumerated) {
        m_hasEnumerated = true;
        listener.trouble(checkRealtime());
        lookAtSystem(listener);
        for (const auto& news : m_watch.everything()) takeNews(news, listener);
        return;
    }
    if (m_hasJustHeld) return readAfterHold(listener);
    if (std::exchange(m_hasPlansChanged, false)) m_ownDeadline = findDeadline();
    deadline = std::min(deadline, m_ownDeadline);
    epoll_event events[kMostEvents];
    const auto timeout = deadline == Time::max() ? deadline : deadline - now();
    const int count = direct::wait(m_epoll.get(), events, kMostEvents, timeout);
    for (int i = 0; i < count; ++i) {
        const auto what = events[i].data.u64;
        if (what > kMostFds) {
            readNode(*reinterpret_cast<EventNode*>(what), listener);
        } else {
            handleFd(static_cast<int>(what), listener);
        }
        if (std::exchange(m_haveNodesChanged, false)) return;  // the rest may be of nodes that went
    }
    if (m_ownDeadline != Time::max() && now() >= m_ownDeadline) housekeep(listener);
}

bool KernelWorld::hasLookedRound() const
{
    return m_hasEnumerated && m_opening.empty() && std::ranges::all_of(m_retries, &Retry::isTold);
}

void KernelWorld::handleFd(int fd, WorldListener& listener)
{
    m_hasPlansChanged = true;
    if (fd == m_bell.get()) {
        std::uint64_t rung = 0;
        [[maybe_unused]] const auto done = ::read(fd, &rung, sizeof rung);
    } else if (fd == m_watch.fd()) {
        for (const auto& news : m_watch.news()) takeNews(news, listener);
    } else if (fd == m_opens.fd()) {
        m_opens.read(now());
    } else if (m_helper && fd == m_helper->fd()) {
        readHelper(listener);
    }
}

void KernelWorld::readNode(EventNode& node, WorldListener& listener)
{
    Time time{};
    auto status = EventNode::ReadStatus::Frame;
    while ((status = node.readFrame(m_moves, time)) == EventNode::ReadStatus::Frame) {
        if (node.takeLoss()) listener.lost(node.owner(), time);
        listener.frame(node.owner(), m_moves, time);
    }
    if (status == EventNode::ReadStatus::Gone) nodeWent(std::string(node.path()), listener);
}

void KernelWorld::readAfterHold(WorldListener& listener)
{
    m_hasJustHeld = false;
    std::vector<EventNode*> nodes;
    for (const auto& controller : m_controllers) controller.addNodesWithNews(nodes);
    for (auto* node : nodes) {
        readNode(*node, listener);
        if (std::exchange(m_haveNodesChanged, false)) return;
    }
}

void KernelWorld::housekeep(WorldListener& listener)
{
    m_hasPlansChanged = true;
    const auto time = now();
    if (m_lookAgain <= time) lookAtSystem(listener);
    lookAfterDevices(time);
    std::vector<Retry> due;
    std::erase_if(m_retries, [&](const Retry& retry) {
        if (retry.next > time) return false;
        due.push_back(retry);
        return true;
    });
    for (const auto& retry : due) nodeCame(retry.news, listener, retry.since);
}

void KernelWorld::takeNews(const NodeNews& news, WorldListener& listener)
{
    if (!news.isThere) return nodeWent(news.path, listener);
    if (news.isVirtual && news.phys.starts_with(kOurPhys)) return meetOurs(news, listener);
    if (wants(news)) nodeCame(news, listener, now());
}

/// A virtual device of ours that this engine did not make is another engine's.
void KernelWorld::meetOurs(const NodeNews& news, WorldListener& listener)
{
    const bool isMine = std::ranges::any_of(
        m_virtuals, [&](const auto& each) { return each.device->node() == news.path; });
    if (isMine) return;
    listener.trouble({.severity = Severity::Warning,
                      .path = kOtherEngine + news.path,
                      .sentence = say("Another engine is live: its %1 is there.", news.name),
                      .cure = words("Stand the other one down, or use it."),
                      .meaning = words("Games find the devices of both.")});
}

void KernelWorld::lookAtSystem(WorldListener& listener)
{
    const auto problems = checkSystem();
    for (const auto& problem : problems) listener.trouble(problem);
    const bool isFine = std::ranges::all_of(problems, [](auto& p) { return p.sentence.empty(); });
    m_lookAgain = isFine ? Time::max() : now() + kRetryRarely;
}

bool KernelWorld::wants(const NodeNews& news) const noexcept
{
    const bool isDesk =
        news.kind == ControllerKind::Keyboard || news.kind == ControllerKind::Pointer;
    return news.kind && (m_takesKeyboards || !isDesk);
}

void KernelWorld::nodeCame(const NodeNews& news, WorldListener& listener, Time since)
{
    if (std::ranges::any_of(m_controllers, [&](const auto& c) { return c.has(news.path); })) return;
    std::erase_if(m_retries, [&](const Retry& retry) { return retry.news.path == news.path; });
    auto node = EventNode::open(news.path, *news.kind);
    if (node) return takeIn(news, std::move(*node), listener);
    if (node.error().code != Failure::Code::NotAllowed || !mayBeKept(news))
        return cannotRead(news, node.error(), since, listener);
    m_opening.push_back({news, since});
    m_helper->open(news.path);
}

void KernelWorld::takeIn(const NodeNews& news, std::unique_ptr<EventNode> node,
                         WorldListener& listener)
{
    listener.trouble({Severity::Warning, news.path, {}, {}});
    watchFd(node->fd(), node.get());
    m_haveNodesChanged = true;
    auto found = std::ranges::find(m_controllers, news.group, &KernelController::group);
    if (found == m_controllers.end()) {
        m_controllers.emplace_back(news.group, news.driver);
        found = std::prev(m_controllers.end());
    } else {
        listener.controllerGone(found->handle());
    }
    found->add(std::move(node));
    found->setHandle(m_nextHandle++);
    listener.controllerArrived(found->handle(), found->description(), found->state());
}

void KernelWorld::cannotRead(const NodeNews& news, const Failure& failure, Time since,
                             WorldListener& listener)
{
    if (failure.code != Failure::Code::NotAllowed) return;
    const auto time = now();
    const bool isLate = time - since >= kPatience;
    m_retries.push_back({news, since, time + (isLate ? kRetryRarely : kRetryOften), isLate});
    if (!isLate) return;
    listener.trouble(unreadable(news, failure));
}

void KernelWorld::nodeWent(const std::string& path, WorldListener& listener)
{
    for (auto* waiting : {&m_retries, &m_opening})
        std::erase_if(*waiting, [&](const Retry& retry) { return retry.news.path == path; });
    listener.trouble({Severity::Warning, path, {}, {}});
    listener.trouble({Severity::Warning, kOtherEngine + path, {}, {}});
    const auto found =
        std::ranges::find_if(m_controllers, [&](const auto& c) { return c.has(path); });
    if (found == m_controllers.end()) return;
    m_haveNodesChanged = true;
    listener.controllerGone(found->handle());
    if (found->remove(path)) {
        m_controllers.erase(found);
        return;
    }
    found->setHandle(m_nextHandle++);
    listener.controllerArrived(found->handle(), found->description(), found->state());
}

KernelController* KernelWorld::controllerOf(Handle handle) noexcept
{
    const auto found = std::ranges::find(m_controllers, handle, &KernelController::handle);
    return found == m_controllers.end() ? nullptr : &*found;
}

Fallible KernelWorld::hold(Handle handle)
{
    auto* controller = controllerOf(handle);
    if (!controller)
        return fail(Failure::Code::NotThere, words("The controller is gone."),
                    words("Plug it in again."));
    auto done = controller->grab();
    if (done) m_hasJustHeld = true;
    return done;
}

void KernelWorld::letGo(Handle handle)
{
    if (auto* controller = controllerOf(handle)) controller->release();
}

void KernelWorld::keepAlone(std::span<const Handle> controllers)
{
    if (!m_helper) return;
    m_alone.assign(controllers.begin(), controllers.end());
    m_kept.clear();
    std::vector<int> nodes;
    for (const auto& controller : m_controllers) {
        if (std::ranges::find(m_alone, controller.handle()) == m_alone.end()) continue;
        const auto identity = controller.description().identity;
        m_kept.push_back({identity.vendor, identity.product});
        nodes.push_back(controller.firstFd());
    }
    ++m_keepsAsked;
    m_helper->keep(nodes);
}

/// Whether the helper may have closed it to us, too.
bool KernelWorld::mayBeKept(const NodeNews& news) const noexcept
{
    return m_helper && std::ranges::find(m_kept, Model{news.vendor, news.product}) != m_kept.end();
}

void KernelWorld::readHelper(WorldListener& listener)
{
    for (auto& news : m_helper->news()) {
        switch (news.kind) {
            case HelperNews::Kind::Kept:
                if (--m_keepsAsked > 0) break;  // a later answer counts
                listener.keptAlone(
                    news.done ? std::span<const Handle>(m_alone) : std::span<const Handle>(),
                    news.done);
                break;
            case HelperNews::Kind::Opened: {
                const auto asked = std::ranges::find(
                    m_opening, news.node, [](const Retry& each) { return each.news.path; });
                if (asked == m_opening.end()) break;  // it was unplugged meanwhile
                const auto [node, since, next, isTold] = *asked;
                m_opening.erase(asked);
                if (!news.done) {
                    cannotRead(node, news.done.error(), since, listener);
                    break;
                }
                auto opened = EventNode::from(std::move(news.fd), node.path, *node.kind);
                if (opened) takeIn(node, std::move(*opened), listener);
                break;
            }
            case HelperNews::Kind::Lost:
                m_kept.clear();
                listener.keptAlone({}, news.done);
                break;
        }
    }
}

void KernelWorld::setStraight(Handle handle, bool isStraight)
{
    if (auto* controller = controllerOf(handle)) controller->setStraight(isStraight);
}

}  // namespace jolly
