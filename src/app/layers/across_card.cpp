// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/layers/across_card.h"
#include "app/style/qt_text.h"

#include "app/style/elided_label.h"
#include "app/style/layer_mark.h"
#include "app/style/palette.h"
#include "app/style/theme.h"

#include <QHBoxLayout>
#include <QPainter>
#include <QScrollArea>
#include <QVBoxLayout>

namespace jolly::app
{

AcrossCell::AcrossCell(QWidget* parent) : QAbstractButton(parent)
{
    setFocusPolicy(Qt::StrongFocus);
    setCursor(Qt::PointingHandCursor);
    setMinimumWidth(84);
    setFixedHeight(74);
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
}

void AcrossCell::show(const State& state)
{
    m_state = state;
    setObjectName(QStringLiteral("across ") + state.layer);
    const auto deed = state.deed.isEmpty() ? tr("shows through") : state.deed;
    setAccessibleName(state.acts ? tr("%1: %2, runs now").arg(state.layer, deed)
                                 : QStringLiteral("%1: %2").arg(state.layer, deed));
    setToolTip(tr("%1: %2\nA click works in this layer.").arg(state.layer, deed));
    update();
}

void AcrossCell::paintEvent(QPaintEvent*)
{
    const auto& p = jolly::app::palette();
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const bool isEmpty = m_state.deed.isEmpty();
    const auto colour = layerColour(m_state.place);
    painter.setPen(QPen(m_state.acts || m_state.isChosen ? colour
                        : hasFocus()                     ? p.strong
                                                         : p.line,
                        m_state.isChosen ? 2.0 : 1.2, isEmpty ? Qt::DashLine : Qt::SolidLine));
    painter.setBrush(isEmpty ? p.card : p.raised);
    painter.drawRoundedRect(QRectF(rect()).adjusted(1, 1, -1, -1), 8, 8);
    if (hasFocus()) {
        painter.setPen(QPen(p.strong, 1, Qt::DotLine));
        painter.drawRoundedRect(QRectF(rect()).adjusted(4, 4, -4, -4), 6, 6);
    }
    drawLayerMark(painter, {14, 16}, 8, m_state.place, m_state.isEngaged);
    painter.setFont(textFont(TextSize::Small));
    painter.setPen(m_state.isEngaged ? p.text : p.dim);
    painter.drawText(QRect(24, 7, width() - 30, 18), Qt::AlignVCenter,
                     painter.fontMetrics().elidedText(m_state.layer, Qt::ElideRight, width() - 30));
    painter.setFont(textFont(TextSize::Normal, m_state.acts));
    painter.setPen(isEmpty ? p.dim : p.strong);
    const auto deed = isEmpty ? tr("shows through") : m_state.deed;
    painter.drawText(QRect(6, 29, width() - 12, 20), Qt::AlignCenter,
                     painter.fontMetrics().elidedText(deed, Qt::ElideRight, width() - 14));
    painter.setFont(textFont(TextSize::Small));
    painter.setPen(m_state.acts ? colour : p.dim);
    const auto foot = m_state.acts               ? tr("runs now")
                      : isEmpty || m_state.isOwn ? QString()
                                                 : tr("inherited");
    painter.drawText(QRect(4, 51, width() - 8, 16), Qt::AlignCenter, foot);
}

AcrossCard::AcrossCard(Edits& edits, Selection& selection, QWidget* parent)
    : Card(parent),
      m_edits(edits),
      m_selection(selection),
      m_title(new ElidedLabel(this)),
      m_touched(new QLabel(this)),
      m_words(new QLabel(this)),
      m_row(new QHBoxLayout)
{
    setObjectName(QStringLiteral("across the stack"));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(14, 10, 14, 12);
    column->setSpacing(8);
    m_title->setFont(textFont(TextSize::Normal, true));
    setTone(*m_title, "title");
    setTone(*m_touched, "dim");
    auto* head = new QHBoxLayout;
    head->addWidget(m_title, 1);
    head->addWidget(m_touched);
    column->addLayout(head);
    auto* area = new QScrollArea(this);
    area->setWidgetResizable(true);
    area->setVerticalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    area->setFocusPolicy(Qt::NoFocus);
    area->setFixedHeight(84);
    auto* inside = new QWidget;
    inside->setObjectName(QStringLiteral("scrolled"));
    inside->setLayout(m_row);
    m_row->setContentsMargins(0, 0, 0, 6);
    m_row->setSpacing(6);
    area->setWidget(inside);
    column->addWidget(area);
    m_area = area;
    m_words->setWordWrap(true);
    m_words->setFont(textFont(TextSize::Small));
    setTone(*m_words, "dim");
    m_words->setText(
        tr("A press ends in the layer where it began, whatever is engaged or let go "
           "meanwhile; nothing sticks."));
    column->addWidget(m_words);
}

void AcrossCard::rebuild()
{
    const auto& tangle = m_edits.tangle();
    const auto& stance = m_edits.stance();
    const auto& selected = m_selection.selected();
    const bool isThere = selected && m_selection.feed().controllerOf(*selected);
    m_title->setText(isThere ? tr("%1 across the stack").arg(m_selection.feed().nameOf(*selected))
                             : tr("Touch a control to see it across the stack"));
    m_touched->setText(isThere && m_selection.touched() == selected ? tr("touched last")
                                                                    : QString());
    const auto count = isThere ? std::min(tangle.layers.size(), kMostLayers) : 0;
    while (m_cells.size() > count) {
        m_cells.back()->hide();
        m_cells.back()->deleteLater();
        m_cells.pop_back();
    }
    while (m_cells.size() < count) {
        auto* cell = new AcrossCell(this);
        const auto place = m_cells.size();
        connect(cell, &QAbstractButton::clicked, this, [this, place] {
            const auto& layers = m_edits.tangle().layers;
            if (place < layers.size()) m_edits.stance().chooseLayer(layers[place].id);
        });
        m_row->addWidget(cell);
        m_cells.push_back(cell);
    }
    m_words->setVisible(isThere);
    m_area->setVisible(isThere);
    if (!isThere) return;
    const auto meanings = stance.meaningsOf(*selected);
    const auto* acting = actingOf(meanings, stance.shown());
    for (std::size_t i = 0; i < count; ++i) {
        const auto found = std::ranges::find(meanings, i, &Meaning::layer);
        AcrossCell::State state{.layer = toQt(tangle.layers[i].name),
                                .place = i,
                                .isEngaged = stance.isEngaged(i),
                                .isChosen = stance.footing().layer == tangle.layers[i].id};
        if (found != meanings.end()) {
            QStringList deeds;
            for (const auto* strand : found->strands) deeds << toQt(deedOf(tangle, *strand));
            deeds.removeAll(QString());
            state.deed = deeds.join(QStringLiteral(", "));
            state.acts = acting == &*found;
            state.isOwn = found->strands.front()->craft == stance.footing().craft;
        }
        m_cells[i]->show(state);
    }
}

}  // namespace jolly::app
