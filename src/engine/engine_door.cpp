// SPDX-License-Identifier: GPL-3.0-or-later
#include "engine/engine_door.h"

namespace jolly
{

namespace
{

constexpr auto kPatience = std::chrono::seconds(5);

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

Fallible EngineDoor::quit()
{
    return ask(Wish::Quit);
}

Fallible EngineDoor::ask(Wish wish, std::unique_ptr<WovenTangle> woven)
{
    const std::lock_guard lock(m_asking);
    Order order{wish, std::move(woven), {}};
    auto answer = order.answer.get_future();
    const bool isSent = m_orders.push(std::move(order));
    m_world.wake();
    if (!isSent || answer.wait_for(kPatience) != std::future_status::ready) {
        return fail(Failure::Code::Busy, "The engine did not answer within five seconds.",
                    "Try again; if it stays so, stop it and start it anew.");
    }
    return answer.get().outcome;
}

void EngineDoor::serve(Engine& engine)
{
    Order order;
    while (m_orders.pop(order)) order.answer.set_value(carryOut(order, engine));
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
        case Wish::Quit:
            engine.standDown();
            m_hasQuit = true;
            break;
    }
    return answer;
}

}  // namespace jolly
