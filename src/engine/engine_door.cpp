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
    return fail(Failure::Code::NotThere, words("The engine is ending."),
                words("Start another one."));
}

tl::unexpected<Failure> busy()
{
    return fail(Failure::Code::Busy, words("The engine did not answer within five seconds."),
                words("Try again; if it stays so, stop it and start it anew."));
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
    std::erase_if(m_givenUp, [](const auto& order) { return order.use_count() == 1; });
    auto order = std::make_shared<Order>();
    order->deed = std::move(deed);
    if (m_isClosed) return ending();
    if (!m_orders.push(std::shared_ptr(order))) return busy();
    m_world.wake();
    auto done = await(*order);
    if (order->state == Order::State::GivenUp) m_givenUp.push_back(std::move(order));
    return done;
}

/// Waits for an answer; what was begun is waited for until it is done.
Fallible EngineDoor::await(Order& order)
{
    auto answer = order.answer.get_future();
    for (auto waited = kLook;; waited += kLook) {
        if (answer.wait_for(kLook) == std::future_status::ready) return answer.get().outcome;
        if (m_isClosed && order.become(Order::State::GivenUp)) return ending();
        if (waited >= kPatience && order.become(Order::State::GivenUp)) return busy();
    }
}

void EngineDoor::close()
{
    m_isClosed = true;
    std::shared_ptr<Order> order;
    while (m_orders.pop(order)) {
        if (order->become(Order::State::Begun))
            order->answer.set_value({ending(), std::move(order->deed)});
    }
}

void EngineDoor::serve(Engine& engine)
{
    std::shared_ptr<Order> order;
    while (m_orders.pop(order)) {
        if (!order->become(Order::State::Begun)) continue;
        auto outcome = order->deed(engine);
        order->answer.set_value({std::move(outcome), std::move(order->deed)});
    }
}

}  // namespace jolly
