// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/edits.h"

#include <QCoreApplication>
#include <QWidget>

class QDoubleSpinBox;

namespace jolly::app
{

/// The travel of a wheel in degrees: how far it turns, and how far of that is to be all of it,
/// which is the first stage "reach" of the strand.
class WheelField : public QWidget
{
    Q_DECLARE_TR_FUNCTIONS(jolly::app::WheelField)

 public:
    /// @param strand  id.
    WheelField(Edits& edits, const std::string& strand, QWidget* parent = nullptr);

    /// Shows what the tangle has now.
    void refresh();

    /// Goes on with another strand: with the one that is the craft's own now.
    void follow(const std::string& strand)
    {
        m_strand = strand;
        refresh();
    }

 private:
    [[nodiscard]] QDoubleSpinBox* makeDegrees(const char* name, const QString& words);
    void setTurns(double turns);
    void setWanted(double wanted);

    Edits& m_edits;
    std::string m_strand;
    QDoubleSpinBox* m_turns;
    QDoubleSpinBox* m_wanted;
};

}  // namespace jolly::app
