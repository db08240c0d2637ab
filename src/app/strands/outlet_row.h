// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/tangle/end.h"

#include <QWidget>
#include <optional>

class QLabel;
class QPushButton;

namespace jolly::app
{

class ValueLabel;

/// One way out of a strand: a lamp, the outlet's name, how it presses, where it leads, and what
/// for. One that is chosen is led by a click on a goal.
class OutletRow : public QWidget
{
    Q_OBJECT

 public:
    /// What it shows.
    struct Words {
        QString goal{};            ///< empty when it leads nowhere yet
        QString function{};        ///< of the goal
        std::optional<How> how{};  ///< nothing where it is no button
        double pulse = kUsualPulse;
    };

    /// @param outlet   its name; empty where a strand has one way out only.
    /// @param hasLamp  whether it is pressed and let go.
    OutletRow(const QString& outlet, bool hasLamp, QWidget* parent = nullptr);

    void show(const Words& words);
    void setPressed(bool isPressed);
    void setChosen(bool isChosen);

    /// How much room its name needs; rows that stand together have the same.
    [[nodiscard]] int nameWidth() const;
    void setNameWidth(int width);

    /// Where the menu of its goals belongs.
    [[nodiscard]] QPoint menuPlace() const;

 Q_SIGNALS:
    void howChosen(jolly::How how, double pulse);
    void goalWanted();
    void chosen();

 protected:
    void paintEvent(QPaintEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    void focusInEvent(QFocusEvent* event) override;
    void focusOutEvent(QFocusEvent* event) override;

 private:
    void buildMenu();

    void showName();

    QString m_outlet;
    bool m_hasLamp;
    bool m_isPressed = false;
    Words m_words;
    ValueLabel* m_lamp;
    QPushButton* m_how;
    QPushButton* m_goal;
    QLabel* m_function;
    bool m_isChosen = false;
};

/// "held", "pulse 60 ms": how an end presses.
[[nodiscard]] QString wordsFor(How how, double pulse);

}  // namespace jolly::app
