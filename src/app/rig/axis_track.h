// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/calibration/axis_survey.h"

#include <QWidget>

namespace jolly::app
{

/// The travel of an axis in raw counts, from the low end at the left: the part that was reached,
/// where it came to rest, where it is now and, when there is room above, how long it dwelt where.
class AxisTrack : public QWidget
{
 public:
    static constexpr int kTrackHeight = 14;
    static constexpr int kDwellHeight = 34;

    explicit AxisTrack(bool showsDwell, QWidget* parent = nullptr);

    /// Repaints when something visible is another.
    void show(const AxisRange& range, const AxisFindings& findings, std::int32_t present);

    [[nodiscard]] QSize sizeHint() const override;

 protected:
    void paintEvent(QPaintEvent* event) override;

 private:
    [[nodiscard]] double placeOf(std::int32_t raw) const;
    void drawDwell(QPainter& painter, const QRectF& field) const;
    void drawTrack(QPainter& painter, const QRectF& field) const;

    bool m_showsDwell;
    AxisRange m_range{};
    AxisFindings m_findings{};
    std::int32_t m_present = 0;
};

}  // namespace jolly::app
