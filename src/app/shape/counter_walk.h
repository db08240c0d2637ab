// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/edits.h"
#include "app/models/flown.h"
#include "app/style/value_text.h"
#include "app/widgets/card.h"

class QLabel;
class QPushButton;

namespace jolly::app
{

/// Measures how a sim bends an axis, step by step: the pilot moves the axis until the sim shows so
/// much, and says so. While it lasts the axis is sent straight. In the end the bend is undone by a
/// counter-curve.
class CounterWalk : public Card
{
    Q_OBJECT

 public:
    CounterWalk(Edits& edits, Flown& flown, const std::string& strand, QWidget* parent = nullptr);
    ~CounterWalk() override;

    /// What is sent to the sim now.
    void showSent(double sent);

 Q_SIGNALS:
    void done();

 private:
    void build();
    void ask();
    void take();
    void back();
    void finish();
    void typeInstead();
    void put(const CurvePoints& points);

    Edits& m_edits;
    Flown& m_flown;
    std::string m_strand;
    double m_sent = 0.0;
    CurvePoints m_points;  ///< measured, from the first step on
    QLabel* m_title = nullptr;
    QLabel* m_question = nullptr;
    QLabel* m_measured = nullptr;
    ValueLabel* m_now = nullptr;
    QPushButton* m_here = nullptr;
    QPushButton* m_back = nullptr;
};

}  // namespace jolly::app
