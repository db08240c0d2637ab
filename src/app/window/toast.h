// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/saying.h"

#include <QElapsedTimer>
#include <QLabel>
#include <QTimer>
#include <QWidget>

namespace jolly::app
{

/// Says what came of something where the eye is: beneath the last click, or what has the keyboard,
/// or else at the foot of the page. Goes by itself; the mouse goes through it.
class Toast : public QWidget
{
    Q_OBJECT

 public:
    /// @param window  over which it floats.
    explicit Toast(QWidget& window);

    void say(const Saying& saying);

 protected:
    bool eventFilter(QObject* watched, QEvent* event) override;
    void paintEvent(QPaintEvent* event) override;

 private:
    [[nodiscard]] QPoint eye() const;
    void place();

    QWidget& m_window;
    QLabel* m_mark;
    QLabel* m_words;
    QTimer m_silence;
    Saying::Tone m_tone = Saying::Tone::Calm;
    QPoint m_click;
    QElapsedTimer m_sinceClick;
};

/// The mark of a tone, so that its colour is never alone: "✓", "·" or "!".
[[nodiscard]] QString markOf(Saying::Tone tone);

/// Its tone for setTone().
[[nodiscard]] const char* toneOf(Saying::Tone tone);

}  // namespace jolly::app
