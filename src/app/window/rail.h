// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QAbstractButton>
#include <QCoreApplication>
#include <QPainterPath>
#include <QWidget>
#include <vector>

namespace jolly::app
{

/// One entry of the rail: a drawing, a word, and how many things need attention.
class RailButton : public QAbstractButton
{
    Q_DECLARE_TR_FUNCTIONS(jolly::app::RailButton)

 public:
    RailButton(const QString& word, const QPainterPath& drawing, QWidget* parent);

    void setCount(int count);
    [[nodiscard]] QSize sizeHint() const override { return {54, 56}; }

 protected:
    void paintEvent(QPaintEvent* event) override;

 private:
    QPainterPath m_drawing;
    int m_count = 0;
};

/// The pages, at the left edge.
class Rail : public QWidget
{
    Q_OBJECT

 public:
    enum Page { Rig, Weave, Shape, Layers, Bench };  ///< in the order of pageInfos()

    explicit Rail(QWidget* parent = nullptr);

    void choose(Page page);
    void setCount(Page page, int count);

 Q_SIGNALS:
    void chosen(int page);

 protected:
    void paintEvent(QPaintEvent* event) override;

 private:
    std::vector<RailButton*> m_buttons;
};

}  // namespace jolly::app
