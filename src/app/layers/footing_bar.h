// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/edits.h"

#include <QCoreApplication>
#include <QPushButton>

class QMenu;

namespace jolly::app
{

/// Says where edits go, "Trim held · Gannet 12", and chooses another layer. Not there as long as
/// the tangle has one layer and one craft.
class FootingBar : public QPushButton
{
    Q_DECLARE_TR_FUNCTIONS(jolly::app::FootingBar)

 public:
    explicit FootingBar(Edits& edits, QWidget* parent = nullptr);

    [[nodiscard]] QSize sizeHint() const override;
    [[nodiscard]] QSize minimumSizeHint() const override { return {80, 27}; }

 protected:
    void paintEvent(QPaintEvent* event) override;

 private:
    void fill();
    void showFooting();

    Edits& m_edits;
    QMenu* m_menu;
    QString m_words;
    std::size_t m_place = 0;
};

}  // namespace jolly::app
