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
    void show(const std::optional<Source>& control);
    void showWay();
    void showPreflight();
    void openPreflight();

    Studio& m_studio;
    std::optional<Source> m_shown;  ///< touched or selected last
    QLabel* m_touched;
    QLabel* m_went;
    QLabel* m_held;
    QCheckBox* m_follow;
    QPushButton* m_preflight;
};

}  // namespace jolly::app
