// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/edits.h"
#include "app/models/selection.h"
#include "app/widgets/card.h"

#include <QCoreApplication>

class QVBoxLayout;

namespace jolly::app
{

/// The layer that is worked in: its name, what engages it, what it needs, and how controls go over
/// to it and back.
class LayerEditor : public Card
{
    Q_DECLARE_TR_FUNCTIONS(jolly::app::LayerEditor)

 public:
    explicit LayerEditor(Edits& edits, Selection& selection, QWidget* parent = nullptr);

    void rebuild();

 protected:
    void paintEvent(QPaintEvent* event) override;

 private:
    [[nodiscard]] const Layer* layer() const;
    void addHead(const Layer& layer, std::size_t place);
    void addRules(const Layer& layer);
    void addNeeds(const Layer& layer);
    void addGroup(const Layer& layer);
    void addCrossing(const Layer& layer);
    void addWords(const QString& words);
    void change(const QString& step, const std::function<void(Layer&)>& how);
    void changeLater(const QString& step, std::function<void(Layer&)> how);

    Edits& m_edits;
    Selection& m_selection;
    QVBoxLayout* m_column;
    std::vector<Layer> m_shown;   ///< the stack that the fields show
    std::vector<Strand> m_rules;  ///< and the rules
    Footing m_footing{"", ""};
    std::size_t m_place = 0;
    int m_nameRow = 0;  ///< its height
};

}  // namespace jolly::app
