// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/messages.h"
#include "app/models/selection.h"

#include <QLabel>
#include <QPushButton>
#include <QWidget>
#include <cstdint>
#include <vector>

namespace jolly::app
{

class DrawnKeyboard;

/// A field that listens for keys: they are pressed together, and when all are let go they are
/// recorded. What the window or the desk would do on them does not happen meanwhile; it is given up
/// by a click on its button. Keys that are not at hand are chosen on a drawn keyboard.
class ChordField : public QWidget
{
    Q_OBJECT

 public:
    explicit ChordField(Selection& selection, Messages& messages, QWidget* parent = nullptr);
    ~ChordField() override;

    void listen();

    /// Instead of pressing them, keys are chosen on a drawn keyboard.
    void draw();

 Q_SIGNALS:
    /// The kernel's codes, in the order in which they were pressed.
    void recorded(const std::vector<std::uint16_t>& keys);
    void givenUp();

 protected:
    bool event(QEvent* event) override;
    void hideEvent(QHideEvent* event) override;
    void focusOutEvent(QFocusEvent* event) override;

 private:
    void press(const QKeyEvent& event);
    void release(const QKeyEvent& event);
    void stop();
    void showState();
    void take(const std::vector<std::uint16_t>& keys);

    Selection& m_selection;
    Messages& m_messages;
    bool m_isListening = false;  ///< before its children, whose making is an event
    QLabel* m_words;
    QPushButton* m_draw;
    QPushButton* m_take;
    DrawnKeyboard* m_drawn = nullptr;
    std::vector<std::uint16_t> m_keys;  ///< that were pressed
    std::vector<std::uint16_t> m_down;  ///< that still are
};

/// "Ctrl + G": keys by the names of the present layout, in the order in which they are pressed.
[[nodiscard]] QString chordText(const Chord& chord);

}  // namespace jolly::app
