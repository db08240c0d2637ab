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
    return ask(Wish::Take, std::move(woven));
}

Fallible EngineDoor::goLive()
{
    return ask(Wish::GoLive);
}

Fallible EngineDoor::standDown()
{
    return ask(Wish::StandDown);
}

Fallible EngineDoor::flipLayer(const std::string& layer)
{
    return ask(Wish::FlipLayer, {}, layer);
}

Fallible EngineDoor::chooseCraft(const std::string& craft)
{
    return ask(Wish::ChooseCraft, {}, craft);
}

Fallible EngineDoor::quit()
{
    return ask(Wish::Quit);
}

Fallible EngineDoor::ask(Wish wish, std::unique_ptr<WovenTangle> woven, std::string name)
{
    const std::lock_guard lock(m_asking);
    auto order = std::make_unique<Order>();
    order->wish = wish;
    order->woven = std::move(woven);
    order->name = std::move(name);
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
    while (m_orders.pop(order)) order->answer.set_value({ending(), std::move(order->woven)});
}

void EngineDoor::serve(Engine& engine)
{
    std::unique_ptr<Order> order;
    while (m_orders.pop(order)) order->answer.set_value(carryOut(*order, engine));
}

EngineDoor::Answer EngineDoor::carryOut(Order& order, Engine& engine)
{
    Answer answer;
    switch (order.wish) {
        case Wish::Take:
            answer.retired = engine.take(std::move(order.woven));
            break;
        case Wish::GoLive:
            answer.outcome = engine.goLive();
            break;
        case Wish::StandDown:
            engine.standDown();
            break;
        case Wish::FlipLayer:
            answer.outcome = engine.flipLayer(order.name);
            break;
        case Wish::ChooseCraft:
            answer.outcome = engine.chooseCraft(order.name);
            break;
        case Wish::Quit:
            engine.standDown();
            m_hasQuit = true;
            break;
    }
    return answer;
}

}  // namespace jolly
