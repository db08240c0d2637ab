// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/layers/layer_lamps.h"
#include "app/models/edits.h"
#include "app/widgets/card.h"

#include <QVBoxLayout>

namespace jolly::app
{

/// The layers as goals, beside the virtual devices: a strand can lead to a lamp.
class LayerGoals : public Card
{
    Q_OBJECT

 public:
    explicit LayerGoals(Edits& edits, QWidget* parent = nullptr);

    /// The lamp of a layer; null when it has none.
    [[nodiscard]] QWidget* lampOf(const std::string& layer) const;

 Q_SIGNALS:
    void activated(const std::string& layer);

 private:
    void rebuild();
    void showLamps();

    Edits& m_edits;
    QVBoxLayout* m_column;
    std::vector<LayerLamp*> m_lamps;  ///< of the layers above Base
};

}  // namespace jolly::app
