// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/layers/layer_goals.h"
#include "app/style/qt_text.h"

#include "app/style/theme.h"

#include <QLabel>

namespace jolly::app
{

LayerGoals::LayerGoals(Edits& edits, QWidget* parent)
    : Card(parent), m_edits(edits), m_column(new QVBoxLayout(this))
{
    setObjectName(QStringLiteral("layer goals"));
    m_column->setContentsMargins(14, 10, 14, 12);
    m_column->setSpacing(6);
    auto* title = new QLabel(tr("Layers"), this);
    title->setFont(textFont(TextSize::Normal, true));
    setTone(*title, "title");
    m_column->addWidget(title);
    auto* hint = new QLabel(tr("What leads to a lamp engages the layer."), this);
    hint->setFont(textFont(TextSize::Small));
    hint->setWordWrap(true);
    setTone(*hint, "dim");
    m_column->addWidget(hint);
    connect(&edits, &Edits::settled, this, &LayerGoals::rebuild);
    connect(&edits.stance(), &Stance::shownChanged, this, &LayerGoals::showLamps);
    rebuild();
}

void LayerGoals::rebuild()
{
    const auto count = m_edits.tangle().layers.size() - 1;
    keepLamps(m_lamps, count, this, [this](LayerLamp& lamp, std::size_t at) {
        connect(&lamp, &QAbstractButton::clicked, this, [this, place = at + 1] {
            if (place < m_edits.tangle().layers.size())
                Q_EMIT activated(m_edits.tangle().layers[place].id);
        });
        m_column->addWidget(&lamp, 0, Qt::AlignLeft);
    });
    setVisible(count > 0);
    showLamps();
}

void LayerGoals::showLamps()
{
    const auto& layers = m_edits.tangle().layers;
    for (std::size_t i = 0; i < m_lamps.size() && i + 1 < layers.size(); ++i) {
        const auto& layer = layers[i + 1];
        m_lamps[i]->show({toQt(layer.name), i + 1,
                          i + 1 < kMostLayers && m_edits.stance().isEngaged(i + 1),
                          m_edits.stance().isByHand(layer.id)});
        m_lamps[i]->setObjectName(QStringLiteral("goal layer ") + toQt(layer.name));
        m_lamps[i]->setToolTip(
            tr("A click lets the chosen outlet, or the selected control, engage it."));
    }
}

QWidget* LayerGoals::lampOf(const std::string& layer) const
{
    const auto place = placeOfLayer(m_edits.tangle(), layer);
    return place == 0 || place > m_lamps.size() ? nullptr : m_lamps[place - 1];
}

}  // namespace jolly::app
