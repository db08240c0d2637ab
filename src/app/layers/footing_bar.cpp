// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/layers/footing_bar.h"
#include "app/style/qt_text.h"

#include "app/style/layer_mark.h"
#include "app/style/palette.h"
#include "app/style/theme.h"

#include <QMenu>
#include <QPainter>

namespace jolly::app
{

FootingBar::FootingBar(Edits& edits, QWidget* parent)
    : QPushButton(parent), m_edits(edits), m_menu(new QMenu(this))
{
    setObjectName(QStringLiteral("footing"));
    setFont(textFont(TextSize::Small, true));
    setCursor(Qt::PointingHandCursor);
    setSizePolicy(QSizePolicy::Maximum, QSizePolicy::Fixed);
    setFixedHeight(27);
    m_menu->setObjectName(QStringLiteral("footing menu"));
    setMenu(m_menu);
    connect(m_menu, &QMenu::aboutToShow, this, &FootingBar::fill);
    connect(&edits, &Edits::settled, this, &FootingBar::showFooting);
    fill();
    showFooting();
}

void FootingBar::fill()
{
    m_menu->clear();
    const auto& layers = m_edits.tangle().layers;
    for (auto layer = layers.rbegin(); layer != layers.rend(); ++layer) {
        const auto name = toQt(layer->name);
        auto* entry = m_menu->addAction(
            name, this, [this, id = layer->id] { m_edits.stance().chooseLayer(id); });
        entry->setObjectName(QStringLiteral("work in ") + name);
        entry->setCheckable(true);
        entry->setChecked(layer->id == m_edits.stance().footing().layer);
    }
}

void FootingBar::showFooting()
{
    const auto& tangle = m_edits.tangle();
    const auto& stance = m_edits.stance();
    m_words = tr("edits go to %1").arg(stance.words());
    m_place = placeOfLayer(tangle, stance.footing().layer);
    setAccessibleName(m_words);
    setToolTip(tr("The layer and the craft that edits are for. The craft is chosen above."));
    setVisible(tangle.layers.size() > 1 || tangle.craft.size() > 1);
    updateGeometry();
    update();
}

QSize FootingBar::sizeHint() const
{
    return {fontMetrics().horizontalAdvance(m_words) + 58, 27};
}

void FootingBar::paintEvent(QPaintEvent*)
{
    const auto& p = jolly::app::palette();
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setPen(QPen(hasFocus() ? p.straw : underMouse() ? p.dim : p.line, 1));
    painter.setBrush(p.card);
    painter.drawRoundedRect(QRectF(rect()).adjusted(0.5, 0.5, -0.5, -0.5), 13, 13);
    drawLayerMark(painter, {16, height() / 2.0}, 9, m_place, true);
    painter.setFont(font());
    painter.setPen(p.text);
    const int room = width() - 52;
    painter.drawText(QRect(28, 0, room, height()), Qt::AlignLeft | Qt::AlignVCenter,
                     painter.fontMetrics().elidedText(m_words, Qt::ElideMiddle, room));
    const QPointF at(width() - 15, height() / 2.0);
    painter.setPen(Qt::NoPen);
    painter.setBrush(p.dim);
    painter.drawPolygon(QPolygonF{at + QPointF(-4, -2), at + QPointF(4, -2), at + QPointF(0, 3)});
}

}  // namespace jolly::app
