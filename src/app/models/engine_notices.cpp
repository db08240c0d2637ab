// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/models/engine_notices.h"

namespace jolly::app
{

void tellOfEngine(EngineSession& session, Messages& messages)
{
    const auto id = QStringLiteral("engine");
    const auto begin = [&session] { session.begin(); };
    const auto on = [&](auto signal, auto&& deed) {
        QObject::connect(&session, signal, &messages, deed);
    };
    const auto hide = [&messages, id] { messages.hide(id); };
    on(&EngineSession::attached, hide);
    on(&EngineSession::answered, hide);
    on(&EngineSession::failed, [&messages](const QString& why) { messages.refuse(why); });
    on(&EngineSession::lost, [&messages] {
        messages.refuse(QObject::tr("The engine stopped; it is being started again."));
    });
    on(&EngineSession::wasEnded, [&messages, id, begin] {
        messages.show({id,
                       QObject::tr("The engine was ended by another program."),
                       {{QObject::tr("Start it again"), begin}},
                       true});
    });
    on(&EngineSession::notStarted, [&messages, id, begin](const QString& why) {
        messages.show({id,
                       QObject::tr("There is no engine, so nothing moves. %1").arg(why),
                       {{QObject::tr("Try again"), begin}},
                       true});
    });
    on(&EngineSession::silent, [&messages, id, &session] {
        messages.show({id,
                       QObject::tr("The engine does not answer. What games see stays as it is."),
                       {{QObject::tr("Wait"), {}},
                        {QObject::tr("Start another"), [&session] { session.startAnother(); }}},
                       true});
    });
}

}  // namespace jolly::app
