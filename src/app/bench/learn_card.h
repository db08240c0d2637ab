// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/bench/learning.h"
#include "app/listen/listen_field.h"
#include "app/style/elided_label.h"
#include "app/widgets/card.h"

#include <QLabel>
#include <QPushButton>

namespace jolly::app
{

/// The way of a sweep, and how far it has come.
class SweepLine : public QWidget
{
 public:
    explicit SweepLine(QWidget* parent = nullptr);

    void show(std::vector<SweepStep> steps, double progress, const QString& words);
    [[nodiscard]] QSize sizeHint() const override { return {240, 48}; }

 protected:
    void paintEvent(QPaintEvent* event) override;

 private:
    std::vector<SweepStep> m_steps;
    double m_progress = 0.0;
    QString m_words;
};

/// What is to be learned, as ticks; the chosen one stands out.
class LessonList : public QWidget
{
    Q_OBJECT

 public:
    explicit LessonList(Learning& learning, QWidget* parent = nullptr);

    [[nodiscard]] bool hasHeightForWidth() const override { return true; }
    [[nodiscard]] int heightForWidth(int width) const override;
    [[nodiscard]] QSize sizeHint() const override { return {320, heightForWidth(320)}; }
    [[nodiscard]] QRect placeOf(std::size_t lesson) const;

 protected:
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;

 private:
    [[nodiscard]] int columns(int width) const;
    void describe();

    Learning& m_learning;
};

/// "Let a sim learn it": one virtual control moves, all else keeps still.
class LearnCard : public Card
{
    Q_OBJECT

 public:
    LearnCard(Edits& edits, Selection& selection, Learning& learning, QWidget* parent = nullptr);

 Q_SIGNALS:
    void walkWanted();

 protected:
    void showEvent(QShowEvent* event) override;

 private:
    void showState();
    void showProgress();

    Edits& m_edits;
    Selection& m_selection;
    Learning& m_learning;
    QLabel* m_only;
    ElidedLabel* m_name;
    QLabel* m_count;
    SweepLine* m_line;
    QPushButton* m_sweep;
    QPushButton* m_later;
    QPushButton* m_next;
    QPushButton* m_way;
    QPushButton* m_end;
    ListenField* m_trigger;
    LessonList* m_list;
};

}  // namespace jolly::app
