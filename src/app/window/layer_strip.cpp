// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/window/layer_strip.h"
#include "app/style/qt_text.h"

#include "app/style/layer_mark.h"
#include "app/style/palette.h"
#include "app/style/theme.h"
#include "core/tangle/lookup.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>

namespace jolly::app
{

namespace
{

constexpr int kStripHeight = 54;
constexpr int kLeast = 240;
constexpr int kMost = 640;

}  // namespace

LayerStrip::LayerStrip(Edits& edits, Selection& selection) : m_edits(edits), m_selection(selection)
{
    setObjectName(QStringLiteral("strip"));
    setWindowTitle(tr("Jolly Tangle: layers"));
    setAttribute(Qt::WA_TranslucentBackground);
    setAttribute(Qt::WA_ShowWithoutActivating);
    setAttribute(Qt::WA_QuitOnClose, false);
    setPlacing(false);
    move(40, 40);
    connect(&edits.stance(), &Stance::shownChanged, this, &LayerStrip::follow);
    connect(&edits, &Edits::settled, this, &LayerStrip::follow);
    connect(&selection, &Selection::touchedChanged, this, &LayerStrip::noteTouch);
}

void LayerStrip::setPlacing(bool isPlacing)
{
    const bool wasVisible = isVisible();
    const auto place = pos();
    m_isPlacing = isPlacing;
    Qt::WindowFlags flags = Qt::Tool | Qt::FramelessWindowHint | Qt::WindowStaysOnTopHint |
                            Qt::WindowDoesNotAcceptFocus;
    if (isPlacing) {
        flags &= ~Qt::WindowFlags(Qt::WindowDoesNotAcceptFocus);
    } else {
        flags |= Qt::WindowTransparentForInput;
    }
    setAttribute(Qt::WA_TransparentForMouseEvents, !isPlacing);  // first: it becomes a flag, too
    setWindowFlags(flags);
    setCursor(isPlacing ? Qt::SizeAllCursor : Qt::ArrowCursor);
    move(place);
    if (wasVisible || isPlacing) show();
    update();
}

QString LayerStrip::words() const
{
    QStringList names;
    for (const auto& [place, name] : m_layers) names << name;
    auto words = m_craft + QStringLiteral(": ") + names.join(QStringLiteral(", "));
    return m_touched.isEmpty() ? words : words + QStringLiteral("; ") + m_touched;
}

void LayerStrip::showEvent(QShowEvent*)
{
    follow();
    noteTouch();
}

void LayerStrip::follow()
{
    if (!isVisible()) return;
    const auto& stance = m_edits.stance();
    const auto& layers = m_edits.tangle().layers;
    m_craft = stance.craftName();
    m_layers.clear();
    for (std::size_t i = 0; i < layers.size() && i < kMostLayers; ++i) {
        if (stance.isEngaged(i)) m_layers.emplace_back(i, toQt(layers[i].name));
    }
    fit();
}

/// What the control does in the layers that are engaged at this moment.
void LayerStrip::noteTouch()
{
    if (!isVisible()) return;
    const auto& touched = m_selection.touched();
    const auto* desk = touched ? m_selection.feed().controllerOf(*touched) : nullptr;
    if (!desk) return;
    const auto meanings = m_edits.stance().meaningsOf(*touched);
    const auto* acting = actingOf(meanings, m_edits.stance().engaged());
    QStringList deeds;
    if (acting) {
        for (const auto* strand : acting->strands) deeds << toQt(deedOf(m_edits.tangle(), *strand));
    }
    deeds.removeAll(QString());
    m_touched = tr("%1: %2").arg(
        m_selection.feed().nameOf(*touched),
        deeds.isEmpty() ? tr("does nothing here") : deeds.join(QStringLiteral(", ")));
    fit();
}

void LayerStrip::fit()
{
    const QFontMetrics bold(textFont(TextSize::Normal, true));
    int width = 32 + bold.horizontalAdvance(m_craft);
    for (const auto& [place, name] : m_layers) width += 30 + bold.horizontalAdvance(name);
    width = std::max(width, 32 + bold.horizontalAdvance(m_touched));
    setFixedSize(std::clamp(width, kLeast, kMost), kStripHeight);
    setAccessibleName(words());
    update();
}

void LayerStrip::paintEvent(QPaintEvent*)
{
    const auto& p = jolly::app::palette();
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    auto ground = p.card;
    ground.setAlphaF(0.88F);
    painter.setPen(QPen(m_isPlacing ? p.straw : p.line, m_isPlacing ? 2.0 : 1.0,
                        m_isPlacing ? Qt::DashLine : Qt::SolidLine));
    painter.setBrush(ground);
    painter.drawRoundedRect(QRectF(rect()).adjusted(1, 1, -1, -1), kRadius, kRadius);
    painter.setFont(textFont(TextSize::Normal, true));
    painter.setPen(p.strong);
    painter.drawText(QRect(14, 7, width() - 28, 18), Qt::AlignVCenter, m_craft);
    int x = 14 + painter.fontMetrics().horizontalAdvance(m_craft) + 18;
    for (const auto& [place, name] : m_layers) {
        const int room = painter.fontMetrics().horizontalAdvance(name);
        if (x + room > width() - 8) break;
        drawLayerMark(painter, {static_cast<double>(x), 16.0}, 9, place, true);
        painter.setPen(layerColour(place));
        painter.drawText(QRect(x + 9, 7, room + 2, 18), Qt::AlignVCenter, name);
        x += room + 30;
    }
    painter.setFont(textFont(TextSize::Normal));
    painter.setPen(m_touched.isEmpty() ? p.dim : p.text);
    const auto line = m_isPlacing           ? tr("Drag it where it shall be; a click leaves it.")
                      : m_touched.isEmpty() ? tr("nothing touched yet")
                                            : m_touched;
    painter.drawText(QRect(14, 28, width() - 28, 18), Qt::AlignVCenter,
                     painter.fontMetrics().elidedText(line, Qt::ElideRight, width() - 28));
}

void LayerStrip::mousePressEvent(QMouseEvent* event)
{
    m_grip = event->position().toPoint();
    m_pressedAt = event->globalPosition().toPoint();
}

void LayerStrip::mouseMoveEvent(QMouseEvent* event)
{
    if (m_isPlacing && (event->buttons() & Qt::LeftButton) != 0)
        move(event->globalPosition().toPoint() - m_grip);
}

void LayerStrip::mouseReleaseEvent(QMouseEvent* event)
{
    if (!m_isPlacing) return;
    Q_EMIT placed(pos());
    const auto way = event->globalPosition().toPoint() - m_pressedAt;
    if (way.manhattanLength() < 4) setPlacing(false);
}

void LayerStrip::keyPressEvent(QKeyEvent* event)
{
    if (event->key() == Qt::Key_Escape && m_isPlacing) return setPlacing(false);
    QWidget::keyPressEvent(event);
}

}  // namespace jolly::app
