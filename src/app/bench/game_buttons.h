// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QWidget>
#include <vector>

namespace jolly::app
{

/// How a virtual button stands at a moment.
struct GameButtonNow {
    bool isPressed = false;  ///< as a game reads it; while it is not read back, as it would
    bool isSeen = false;     ///< it is read back
    bool differs = false;    ///< a fault: a game reads something else than was sent
    bool isByHand = false;
    bool isPinned = false;  ///< it must stay dark
    bool wasLit = false;    ///< it was lit since it was pinned

    friend bool operator==(const GameButtonNow&, const GameButtonNow&) = default;
};

/// The buttons of a virtual device as a game numbers them. A press of the mouse or of Space presses
/// one by hand for as long as it lasts; P or a right click pins it: it must stay dark.
class GameButtons : public QWidget
{
    Q_OBJECT

 public:
    struct Button {
        QString number;
        QString words;        ///< "button 9 · mail hatch"
        bool isUsed = false;  ///< something leads to it
    };

    explicit GameButtons(QWidget* parent = nullptr);

    /// @param cellWidth  of each, 0 for round ones.
    void setButtons(std::vector<Button> buttons, int cellWidth = 0);
    void show(std::size_t button, const GameButtonNow& now);
    [[nodiscard]] std::size_t count() const { return m_buttons.size(); }
    [[nodiscard]] QRect placeOf(std::size_t button) const;
    [[nodiscard]] std::size_t focused() const { return m_focused; }

    [[nodiscard]] bool hasHeightForWidth() const override { return true; }
    [[nodiscard]] int heightForWidth(int width) const override;
    [[nodiscard]] QSize sizeHint() const override { return {320, heightForWidth(320)}; }

 Q_SIGNALS:
    void pressed(std::size_t button);
    void released(std::size_t button);
    void pinWanted(std::size_t button);

 protected:
    bool event(QEvent* event) override;
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    void keyReleaseEvent(QKeyEvent* event) override;
    void focusOutEvent(QFocusEvent* event) override;

 private:
    [[nodiscard]] int columns(int width) const;
    [[nodiscard]] int at(QPoint place) const;
    void focus(std::size_t button);
    void letGo();
    void paintButton(QPainter& painter, std::size_t button) const;
    void describe();

    std::vector<Button> m_buttons;
    std::vector<GameButtonNow> m_now;
    int m_cellWidth = 0;
    std::size_t m_focused = 0;
    int m_pressed = -1;  ///< by hand
};

}  // namespace jolly::app
