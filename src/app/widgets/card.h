// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QWidget>

namespace jolly::app
{

/// A rounded panel with a border; straw and thicker when it is marked, dashed when it is away.
class Card : public QWidget
{
 public:
    explicit Card(QWidget* parent = nullptr);

    void setMarked(bool isMarked);
    void setDashed(bool isDashed);

 protected:
    void paintEvent(QPaintEvent* event) override;

 private:
    bool m_isMarked = false;
    bool m_isDashed = false;
};

}  // namespace jolly::app
