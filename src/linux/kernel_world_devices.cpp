// SPDX-License-Identifier: GPL-3.0-or-later
#include "linux/kernel_world.h"
#include "linux/node_reader.h"
#include "linux/system_check.h"

#include <algorithm>

/// The virtual devices of the running kernel.
namespace jolly
{

namespace
{

constexpr Time kNodeAfter = std::chrono::milliseconds(20);

}  // namespace

Result<Handle> KernelWorld::create(const VirtualSpec& spec)
{
    auto device = UinputDevice::make(spec);
    if (!device) return tl::unexpected(std::move(device.error()));
    if (m_virtuals.empty()) comeFirst();  // there is a flight; if it may not, that was told
    m_hasPlansChanged = true;
    m_virtuals.push_back({m_nextHandle, std::move(*device), now() + kNodeAfter});
    return m_nextHandle++;
}

WriteStatus KernelWorld::write(Handle handle, std::span<const VirtualMove> moves) noexcept
{
    const auto at = std::ranges::lower_bound(m_virtuals, handle, {}, &Virtual::handle);
    return at != m_virtuals.end() && at->handle == handle ? at->device->write(moves)
                                                          : WriteStatus::Gone;
}

Result<std::unique_ptr<GameReader>> KernelWorld::openAsGame(Handle handle)
{
    const auto at = std::ranges::lower_bound(m_virtuals, handle, {}, &Virtual::handle);
    const auto node =
        at != m_virtuals.end() && at->handle == handle ? at->device->node() : std::string();
    if (node.empty())
        return fail(Failure::Code::NotThere, words("The virtual device is not there yet."),
                    words("Wait."));
    auto reader = NodeReader::open(node, at->device->slots());
    if (reader) m_opens.expect(handle);
    return reader;
}

void KernelWorld::destroy(Handle handle)
{
    m_hasPlansChanged = true;
    m_opens.forget(handle);
    std::erase_if(m_virtuals, [handle](const auto& each) { return each.handle == handle; });
}

void KernelWorld::keepStill(bool isStill)
{
    m_isStill = isStill;
    m_hasPlansChanged = true;
}

/// Nudges those that were opened, and finds out who opens new ones.
void KernelWorld::lookAfterDevices(Time time)
{
    const auto nudge = [this](Handle device) {
        for (auto& each : m_virtuals) {
            if (each.handle == device) each.device->nudge();
        }
    };
    if (!m_isStill) m_opens.forEachDue(time, nudge);
    for (auto& each : m_virtuals) {
        if (each.watchBy > time) continue;
        const auto node = each.device->node();
        each.watchBy = node.empty() ? time + kNodeAfter : Time::max();
        if (!node.empty()) m_opens.watch(each.handle, node);
    }
}

}  // namespace jolly
