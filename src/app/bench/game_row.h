// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/bench/hand_slider.h"
#include "app/style/palette.h"
#include "core/value/value.h"

#include <QWidget>
#include <optional>

namespace jolly::app
{

/// What is known of one virtual control at a moment.
struct GameSightNow {
    std::optional<double> hand{};  ///< of the control that leads to it; nothing where none does
    bool isHandTwoSided = true;
    double sent = 0.0;     ///< what we hold it at
    double seen = 0.0;     ///< what a game reads
    bool isSeen = false;   ///< it is read back
    bool differs = false;  ///< a fault: a game reads something else than was sent
    bool isByHand = false;

    friend bool operator==(const GameSightNow&, const GameSightNow&) = default;
};

/// One axis in a line: the hand, what a game reads, its number, and a handle to move it by hand.
class GameRow : public QWidget
{
    Q_OBJECT

 public:
    GameRow(const QString& name, const QString& function, Sides sides, QWidget* parent = nullptr);

    void show(const GameSightNow& now);
    void setMarked(bool isMarked);
    [[nodiscard]] HandSlider& slider() { return *m_slider; }
    [[nodiscard]] const QString& valueText() const { return m_value; }
    [[nodiscard]] QSize sizeHint() const override { return {380, 28}; }

    static constexpr int kName = 64;   ///< width of the names
    static constexpr int kValue = 62;  ///< width of the numbers
    /// Where the bars of the hand and of the game lie in a row of that width.
    [[nodiscard]] static QRect handBar(int width);
    [[nodiscard]] static QRect gameBar(int width);

 Q_SIGNALS:
    void chosen();

 protected:
    void paintEvent(QPaintEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;

 private:
    void drawBar(QPainter& painter, const QRect& rect, double value, bool isTwoSided,
                 const QColor& colour, bool isOutlined) const;

    QString m_name;
    QString m_function;
    Sides m_sides;
    GameSightNow m_now;
    QString m_value;
    bool m_isMarked = false;
    HandSlider* m_slider;
};

}  // namespace jolly::app
