// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/strands/outlet_picture.h"

#include <QCoreApplication>

namespace jolly::app
{

/// The ways of a hat as a rose, those that are pressed lit.
class HatRose : public OutletPicture
{
    Q_DECLARE_TR_FUNCTIONS(jolly::app::HatRose)

 public:
    explicit HatRose(QWidget* parent = nullptr);

    void setStage(const Stage& stage) override;

    /// The middle of the petal of an outlet.
    [[nodiscard]] QPointF petal(std::size_t outlet) const;

 protected:
    void paintEvent(QPaintEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;

 private:
    std::size_t m_ways = 4;
};

}  // namespace jolly::app
