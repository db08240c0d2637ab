// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/studio.h"

#include <QWidget>

class QLabel;
class QPushButton;

namespace jolly::app
{

/// Where a strand comes from, as far as that is not where the pilot works: from which craft it is
/// inherited, instead of what it stands, in which other layer it is; and what can be done about it.
class OriginBar : public QWidget
{
 public:
    explicit OriginBar(Studio& studio, QWidget* parent = nullptr);

    void show(const Strand& strand);

 private:
    [[nodiscard]] QPushButton* makeButton(const char* name);
    void giveAway();
    void takeBack();
    void copyIntoLayer();

    Studio& m_studio;
    std::string m_strand;
    QLabel* m_words;
    QPushButton* m_family;
    QPushButton* m_back;
    QPushButton* m_layer;
};

}  // namespace jolly::app
