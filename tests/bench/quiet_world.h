// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "ports/world.h"

#include <optional>

namespace jolly::test
{

/// A world that hands over one move and counts what is written, so that what is measured in it is
/// the engine's own.
class QuietWorld : public World
{
 public:
    void plug(const ControllerDescription& description) { m_arriving = description; }
    void move(const RawMove& move) noexcept
    {
        m_move = move;
        m_hasMove = true;
    }
    [[nodiscard]] unsigned long writes() const noexcept { return m_writes; }

    [[nodiscard]] Time now() const noexcept override { return m_now; }
    void wait(Time, WorldListener& listener) override
    {
        if (m_hasMove) {
            m_hasMove = false;
            m_now += std::chrono::milliseconds(1);
            listener.frame(1, {&m_move, 1}, m_now);
        } else if (m_arriving) {
            const std::vector<Counts> state(m_arriving->controls.size());
            listener.controllerArrived(1, *m_arriving, state);
            m_arriving.reset();
        }
    }
    void wake() noexcept override {}
    [[nodiscard]] Fallible hold(Handle) override { return {}; }
    void letGo(Handle) override {}
    void keepAlone(std::span<const Handle>) override {}
    void setStraight(Handle, bool) override {}
    [[nodiscard]] Result<Handle> create(const VirtualSpec&) override { return ++m_devices; }
    [[nodiscard]] WriteStatus write(Handle, std::span<const VirtualMove>) noexcept override
    {
        ++m_writes;
        return WriteStatus::Written;
    }
    [[nodiscard]] Result<std::unique_ptr<GameReader>> openAsGame(Handle) override
    {
        return fail(Failure::Code::NotThere, words("Nothing is there."), {});
    }
    void destroy(Handle) override {}

 private:
    Time m_now = std::chrono::seconds(1);
    std::optional<ControllerDescription> m_arriving;
    RawMove m_move{};
    bool m_hasMove = false;
    Handle m_devices = 0;
    unsigned long m_writes = 0;
};

}  // namespace jolly::test
