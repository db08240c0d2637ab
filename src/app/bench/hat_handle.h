// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/value/value.h"

#include <QWidget>

namespace jolly::app
{

/// A virtual hat as a rose: the way that a game reads is lit; a press of the mouse or of an arrow
/// key holds it there by hand for as long as it lasts.
class HatHandle : public QWidget
{
    Q_OBJECT

 public:
    explicit HatHandle(const QString& name, QWidget* parent = nullptr);

    void show(Counts counts, bool isSeen, bool isByHand);
    [[nodiscard]] QString words() const;
    [[nodiscard]] QSize sizeHint() const override { return {44, 44}; }

    /// Where the dot of a way is drawn.
    [[nodiscard]] QPointF dot(Counts way) const;

 Q_SIGNALS:
    void held(Counts way);
    void released();

 protected:
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    void keyReleaseEvent(QKeyEvent* event) override;

 private:
    QString m_name;
    Counts m_counts;
    bool m_isSeen = false;
    bool m_isByHand = false;
};

/// "up right", "middle".
[[nodiscard]] QString hatWords(Counts counts);

}  // namespace jolly::app
