// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/gesture.h"
#include "core/digital/slice.h"

#include <QWidget>
#include <optional>

namespace jolly::app
{

/// The travel of an axis with a row for each of its slices, the first one lowest, and a mark where
/// the axis is. The edges of a slice can be dragged.
class SliceBar : public QWidget
{
    Q_OBJECT

 public:
    /// @param low  the least value of the axis.
    explicit SliceBar(double low, QWidget* parent = nullptr);

    void show(const SliceParts& slices);
    void setDot(double value);

    /// Where an edge is drawn; `edge` as in kSliceEdges.
    [[nodiscard]] QPointF placeOf(std::size_t slice, int edge) const;

    [[nodiscard]] QSize sizeHint() const override;

 Q_SIGNALS:
    void dragged(const jolly::SliceParts& slices, jolly::app::Gesture drag);

 protected:
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;

 private:
    struct Grip {
        std::size_t slice = 0;
        int edge = 0;
    };

    [[nodiscard]] QRectF rowOf(std::size_t slice) const;
    [[nodiscard]] double xOf(double value) const;
    [[nodiscard]] double valueAt(double x) const;
    [[nodiscard]] std::optional<Grip> gripAt(QPointF place) const;

    double m_low;
    double m_dot = 0.0;
    SliceParts m_slices;
    std::optional<Grip> m_grip;  ///< what is being dragged
    double m_offset = 0.0;       ///< from the pointer to the edge, in pixels
    Gesture m_drag;
};

}  // namespace jolly::app
