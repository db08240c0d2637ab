// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/axis_watch.h"
#include "app/rig/notch_table.h"
#include "app/widgets/card.h"

#include <QPushButton>

class QMenu;

namespace jolly::app
{

/// The notches of the selected lever: captured, set by hand, named, and matched with those of
/// another lever.
class NotchCard : public Card
{
    Q_OBJECT

 public:
    NotchCard(Edits& edits, Selection& selection, const AxisWatch& axis, QWidget* parent = nullptr);

    void showSelection();

 private:
    void capture();
    void setByHand();
    void matchWith(const Source& other);
    void fillMenu();
    void set(const QString& step, const NotchList& notches);
    void add(const QString& step, Notch notch);
    /// The axis of a reference; null when none is there.
    [[nodiscard]] const RigControl* axisAt(const Source& ref) const;
    [[nodiscard]] const RigControl* axis() const;

    Edits& m_edits;
    Selection& m_selection;
    const AxisWatch& m_axis;
    NotchTable* m_table;
    QPushButton* m_capture;
    QPushButton* m_byHand;
    QPushButton* m_match;
    QMenu* m_menu;
};

}  // namespace jolly::app
