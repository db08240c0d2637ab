// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/strands/outlet_picture.h"

#include <QCoreApplication>

namespace jolly::app
{

/// A switch beside the rows of its positions, its knob where it stands.
class SwitchLever : public OutletPicture
{
    Q_DECLARE_TR_FUNCTIONS(jolly::app::SwitchLever)

 public:
    explicit SwitchLever(QWidget* parent = nullptr);

    void setStage(const Stage&) override {}
    void setRows(const std::vector<int>& places) override;

 protected:
    void paintEvent(QPaintEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;

 private:
    std::vector<int> m_rows;
};

}  // namespace jolly::app
