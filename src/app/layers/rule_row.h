// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/edits.h"
#include "app/models/selection.h"
#include "core/layers/rules.h"

#include <QCoreApplication>
#include <QWidget>

namespace jolly::app
{

/// One rule of a layer: how it follows its control, and the control itself, to be touched anew.
class RuleRow : public QWidget
{
    Q_DECLARE_TR_FUNCTIONS(jolly::app::RuleRow)

 public:
    RuleRow(Edits& edits, Selection& selection, const std::string& layer, const EngageRule& rule,
            QWidget* parent = nullptr);

 private:
    void changeControl(const Source& control);
    void addTap();

    Edits& m_edits;
    Selection& m_selection;
    std::string m_layer;
    std::string m_strand;
};

}  // namespace jolly::app
