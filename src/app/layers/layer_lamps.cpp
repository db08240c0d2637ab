// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/layers/layer_lamps.h"
#include "app/style/qt_text.h"

#include "app/style/layer_mark.h"
#include "app/style/palette.h"
#include "app/style/theme.h"

#include <QMenu>
#include <QPainter>
#include <algorithm>

namespace jolly::app
{

namespace
{

constexpr int kHeight = 27;
constexpr int kSpace = 6;
constexpr int kWidest = 150;
constexpr int kMore = 40;  ///< for the button with the others

}  // namespace

LayerLamp::LayerLamp(QWidget* parent) : QAbstractButton(parent)
{
    setFocusPolicy(Qt::StrongFocus);
    setCursor(Qt::PointingHandCursor);
    setFont(textFont(TextSize::Small, true));
}

QString LayerLamp::words() const
{
    return m_state.isByHand ? tr("%1 · by hand").arg(m_state.name) : m_state.name;
}

bool LayerLamp::show(const State& state)
{
    if (state == m_state) return false;
    m_state = state;
    setObjectName(QStringLiteral("lamp ") + state.name);
    const auto how = state.place == 0  ? tr("always engaged")
                     : state.isByHand  ? tr("engaged by hand")
                     : state.isEngaged ? tr("engaged")
                                       : tr("asleep");
    setAccessibleName(tr("Layer %1, %2").arg(state.name, how));
    setToolTip(state.place == 0 ? tr("Base is always engaged.")
               : state.isByHand
                   ? tr("%1 is held engaged by hand. A click lets it go.").arg(state.name)
                   : tr("%1 is %2. A click holds it engaged by hand, or lets it go.")
                         .arg(state.name, how));
    updateGeometry();
    update();
    return true;
}

QSize LayerLamp::sizeHint() const
{
    return {std::min(kWidest, 37 + QFontMetrics(font()).horizontalAdvance(words())), kHeight};
}

void LayerLamp::paintEvent(QPaintEvent*)
{
    const auto& p = jolly::app::palette();
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const auto colour = layerColour(m_state.place);
    const auto border = m_state.isEngaged ? colour : hasFocus() ? p.straw : p.line;
    painter.setPen(QPen(hasFocus() ? p.strong : border, m_state.isEngaged ? 1.6 : 1.0));
    painter.setBrush(p.card);
    painter.drawRoundedRect(QRectF(rect()).adjusted(1, 1, -1, -1), 12, 12);
    drawLayerMark(painter, QPointF(16, height() / 2.0), 9, m_state.place, m_state.isEngaged);
    painter.setFont(font());
    painter.setPen(m_state.isEngaged ? p.strong : p.dim);
    const int room = width() - 37;
    painter.drawText(QRect(27, 0, room + 4, height()), Qt::AlignLeft | Qt::AlignVCenter,
                     QFontMetrics(font()).elidedText(words(), Qt::ElideRight, room + 2));
}

LayerLamps::LayerLamps(Edits& edits, QWidget* parent)
    : QWidget(parent), m_edits(edits), m_more(new QToolButton(this))
{
    setFixedHeight(kHeight);
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
    m_more->setObjectName(QStringLiteral("more layers"));
    m_more->setAccessibleName(tr("More layers"));
    m_more->setPopupMode(QToolButton::InstantPopup);
    m_more->setMenu(new QMenu(m_more));
    m_more->hide();
    setMinimumWidth(kMore);
    connect(&edits, &Edits::settled, this, &LayerLamps::rebuild);
    connect(&edits.stance(), &Stance::shownChanged, this, &LayerLamps::showLamps);
    rebuild();
}

void LayerLamps::rebuild()
{
    const auto before = m_lamps.size();
    const auto count = std::min(m_edits.tangle().layers.size(), std::size_t{64});
    keepLamps(m_lamps, count, this, [this](LayerLamp& lamp, std::size_t layer) {
        connect(&lamp, &QAbstractButton::clicked, this, [this, layer] { flip(layer); });
    });
    showLamps();
    if (count != before) place();
}

void LayerLamps::flip(std::size_t layer)
{
    const auto& layers = m_edits.tangle().layers;
    if (layer == 0) return m_edits.messages().say(tr("Base is always engaged."));
    if (layer < layers.size()) m_edits.stance().flip(layers[layer].id);
}

void LayerLamps::showLamps()
{
    const auto& layers = m_edits.tangle().layers;
    const auto& stance = m_edits.stance();
    bool isOther = false;
    for (std::size_t i = 0; i < m_lamps.size() && i < layers.size(); ++i)
        isOther |= m_lamps[i]->show(
            {toQt(layers[i].name), i, stance.isEngaged(i), stance.isByHand(layers[i].id)});
    if (isOther) place();
}

/// Those that are engaged are shown first of all, in the order of the stack.
void LayerLamps::place()
{
    int needed = 0;
    for (const auto* lamp : m_lamps) needed += lamp->sizeHint().width() + kSpace;
    const bool areAll = needed <= width() + kSpace;
    int room = width() - (areAll ? 0 : kMore);
    std::vector<bool> areShown(m_lamps.size(), areAll);
    for (const bool isEngaged : {true, false}) {
        for (std::size_t i = 0; i < m_lamps.size() && !areAll; ++i) {
            const int size = m_lamps[i]->sizeHint().width() + kSpace;
            if (m_lamps[i]->state().isEngaged != isEngaged || areShown[i] || size > room) continue;
            areShown[i] = true;
            room -= size;
        }
    }
    int x = 0;
    m_more->menu()->clear();
    for (std::size_t i = 0; i < m_lamps.size(); ++i) {
        auto* lamp = m_lamps[i];
        lamp->setVisible(areShown[i]);
        if (!areShown[i]) {
            m_more->menu()->addAction(lamp->accessibleName(), this, [this, i] { flip(i); });
            continue;
        }
        lamp->setGeometry(x, 0, lamp->sizeHint().width(), kHeight);
        x += lamp->width() + kSpace;
    }
    m_more->setVisible(!m_more->menu()->isEmpty());
    m_more->setText(QStringLiteral("+%1").arg(m_more->menu()->actions().size()));
    m_more->setGeometry(x, 0, kMore - kSpace, kHeight);
}

void LayerLamps::resizeEvent(QResizeEvent*)
{
    place();
}

}  // namespace jolly::app
