// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QPainterPath>
#include <QPolygonF>
#include <QWidget>
#include <vector>

namespace jolly::app
{

/// One thread to draw, in the overlay's coordinates.
struct Thread {
    QPolygonF from;  ///< from a control to the gutter; or one point
    QPolygonF to;    ///< from the gutter to where it ends; or one point
    bool isFaint = false;
    bool isLoose = false;  ///< being dragged: dashed
};

/// Draws threads over a page and lets every click through.
class ThreadOverlay : public QWidget
{
 public:
    explicit ThreadOverlay(QWidget* parent);

    /// Repaints only where threads changed.
    void setThreads(std::vector<Thread> threads);
    [[nodiscard]] const std::vector<Thread>& threads() const { return m_threads; }

 protected:
    void paintEvent(QPaintEvent* event) override;

 private:
    [[nodiscard]] static QPainterPath pathOf(const Thread& thread);
    [[nodiscard]] QRegion regionOf(const std::vector<Thread>& threads) const;

    std::vector<Thread> m_threads;
};

}  // namespace jolly::app
