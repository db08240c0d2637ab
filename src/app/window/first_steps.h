// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/studio.h"

#include <functional>

namespace jolly::app
{

/// The way from the first touch to the first flight: Rig, Weave, Go live. Each step says what to
/// do, sees it done, and leads on; at the end it goes. It can be left at any step.
class FirstSteps : public QObject
{
    Q_OBJECT

 public:
    enum class Step { Touch, Weave, GoLive, Done, Over };

    explicit FirstSteps(Studio& studio, QObject* parent = nullptr);

    void begin();
    [[nodiscard]] Step step() const { return m_step; }

 Q_SIGNALS:
    void rigWanted();
    void weaveWanted();
    void liveWanted();
    void ended();

 private:
    void follow();
    void go(Step step);
    void end();
    [[nodiscard]] QString words() const;

    Studio& m_studio;
    Step m_step = Step::Over;
    QString m_told;
    std::size_t m_strands = 0;  ///< when the weaving began
};

}  // namespace jolly::app
