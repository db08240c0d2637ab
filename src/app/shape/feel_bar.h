// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/edits.h"
#include "app/models/flown.h"

#include <QWidget>
#include <set>

class QMenu;
class QPushButton;

namespace jolly::app
{

/// What can be done to the feel of an axis as a whole.
class FeelBar : public QWidget
{
    Q_OBJECT

 public:
    explicit FeelBar(Edits& edits, Flown& flown, QWidget* parent = nullptr);

    /// Is about this strand from now on; an empty id for none.
    void show(const std::string& strand);

    /// The strands whose curves are to lie under that of this one.
    [[nodiscard]] const std::set<std::string>& compared() const { return m_compared; }

 Q_SIGNALS:
    void comparedChanged();
    void counterCurveWanted();

 private:
    QPushButton* addMenu(const QString& words, const char* name, void (FeelBar::*fill)(QMenu&));
    void fillFeels(QMenu& menu);
    void fillCopies(QMenu& menu);
    void fillShares(QMenu& menu);
    void fillSim(QMenu& menu);
    void fillCompared(QMenu& menu);
    void addFact(QMenu& menu, const QString& words, bool isSo,
                 const std::function<void(Tangle&, bool)>& change);
    void addKeepField(QMenu& menu);
    void removeFeels(QMenu& menu);
    void straighten();
    void share(const std::string& other, bool isShared);
    [[nodiscard]] const Strand* strand() const;

    /// All other axes; first those at the same control, of other craft and layers.
    [[nodiscard]] std::vector<const Strand*> others() const;
    void edit(const QString& step, const std::function<void(Tangle&, Strand&)>& change);

    Edits& m_edits;
    Flown& m_flown;
    std::string m_strand;
    std::set<std::string> m_compared;
    std::vector<QPushButton*> m_buttons;
    QPushButton* m_reversed = nullptr;
};

}  // namespace jolly::app
