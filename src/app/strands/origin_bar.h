// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/edits.h"

#include <QCoreApplication>
#include <QWidget>

class QLabel;
class QPushButton;

namespace jolly::app
{

/// Where a strand comes from, as far as that is not where the pilot works: from which craft it is
/// inherited, instead of what it stands, in which other layer it is; and what can be done about it.
class OriginBar : public QWidget
{
    Q_DECLARE_TR_FUNCTIONS(jolly::app::OriginBar)

 public:
    explicit OriginBar(Edits& edits, QWidget* parent = nullptr);

    void show(const Strand& strand);

 private:
    [[nodiscard]] QPushButton* makeButton(const char* name);
    void giveAway();
    void takeBack();
    void copyIntoLayer();

    Edits& m_edits;
    std::string m_strand;
    QLabel* m_words;
    QPushButton* m_family;
    QPushButton* m_back;
    QPushButton* m_layer;
};

}  // namespace jolly::app
