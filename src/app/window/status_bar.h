// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/studio.h"

#include <QCheckBox>
#include <QLabel>
#include <QPushButton>
#include <QWidget>

namespace jolly::app
{

/// The last touched control and where it went; who is held; preflight in one line.
class StatusBar : public QWidget
{
    Q_OBJECT

 public:
    explicit StatusBar(Studio& studio, QWidget* parent = nullptr);

 protected:
    void paintEvent(QPaintEvent* event) override;

 private:
    void showTouched();
    void showPreflight();
    void openPreflight();

    Studio& m_studio;
    QLabel* m_touched;
    QLabel* m_went;
    QLabel* m_held;
    QCheckBox* m_follow;
    QPushButton* m_preflight;
};

}  // namespace jolly::app
