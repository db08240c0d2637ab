// SPDX-License-Identifier: GPL-3.0-or-later
#include "engine/engine_door.h"

namespace jolly
{

namespace
{

constexpr auto kPatience = std::chrono::milliseconds(5000);
constexpr auto kLook = std::chrono::milliseconds(100);  ///< whether it was closed meanwhile

tl::unexpected<Failure> ending()
{
    return fail(Failure::Code::NotThere, "The engine is ending.", "Start another one.");
}

}  // namespace

Fallible EngineDoor::take(std::unique_ptr<WovenTangle> woven)
{
    auto held = std::make_shared<std::unique_ptr<WovenTangle>>(std::move(woven));
    return ask([held](Engine& engine) -> Fallible {
        *held = engine.take(std::move(*held));
        return {};
    });
}

Fallible EngineDoor::quit()
{
    return ask([this](Engine& engine) -> Fallible {
        engine.standDown();
        m_hasQuit = true;
        return {};
    });
}

Fallible EngineDoor::ask(Deed deed)
{
    const std::lock_guard lock(m_asking);
    auto order = std::make_unique<Order>();
    order->deed = std::move(deed);
    auto answer = order->answer.get_future();
    const bool isSent = !m_isClosed && m_orders.push(std::move(order));
    m_world.wake();
    for (auto waited = kLook; isSent && waited <= kPatience; waited += kLook) {
        if (answer.wait_for(kLook) == std::future_status::ready) return answer.get().outcome;
        if (m_isClosed) break;
    }
    if (m_isClosed) return ending();
    return fail(Failure::Code::Busy, "The engine did not answer within five seconds.",
                "Try again; if it stays so, stop it and start it anew.");
}

void EngineDoor::close()
{
    m_isClosed = true;
    std::unique_ptr<Order> order;
    while (m_orders.pop(order)) order->answer.set_value({ending(), std::move(order->deed)});
}

void EngineDoor::serve(Engine& engine)
{
    std::unique_ptr<Order> order;
    while (m_orders.pop(order)) {
        auto outcome = order->deed(engine);
        order->answer.set_value({std::move(outcome), std::move(order->deed)});
    }
}

}  // namespace jolly
