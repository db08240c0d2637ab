// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/edits.h"
#include "app/models/live_feed.h"

#include <QObject>
#include <QTimer>

namespace jolly::app
{

/// Virtual controls that are moved by hand. What the hand holds is the hand's until it is let go;
/// all else is the controllers'. The engine is told every second that somebody is still there.
class HandMoves : public QObject
{
    Q_OBJECT

 public:
    static constexpr int kKeepMs = 1000;

    explicit HandMoves(Edits& edits, LiveFeed& feed, QObject* parent = nullptr);

    /// Holds a control at a value, or turns a turner by so many counts.
    void hold(const Target& place, Value value);
    void letGo(const Target& place);
    void letAllGo();

    [[nodiscard]] bool isHeld(const Target& place) const;
    [[nodiscard]] const std::vector<Target>& held() const { return m_held; }

 Q_SIGNALS:
    void changed();

 private:
    void follow();
    void tell();
    void ask(std::function<Fallible(EngineLink&)> call);

    Edits& m_edits;
    LiveFeed& m_feed;
    std::vector<Target> m_held;  ///< as the engine says
    QTimer m_keep;
};

}  // namespace jolly::app
