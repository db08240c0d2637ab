// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/window/craft_chooser.h"
#include "app/style/qt_text.h"

#include "app/style/palette.h"
#include "app/style/theme.h"
#include "app/window/craft_menu.h"
#include "core/tangle/lookup.h"

#include <QMenu>
#include <QPainter>

namespace jolly::app
{

CraftChooser::CraftChooser(Edits& edits, QWidget* parent)
    : QPushButton(parent), m_edits(edits), m_menu(new QMenu(this))
{
    setObjectName(QStringLiteral("craft"));
    setFixedSize(196, 31);
    setCursor(Qt::PointingHandCursor);
    m_menu->setObjectName(QStringLiteral("craft menu"));
    setMenu(m_menu);
    connect(m_menu, &QMenu::aboutToShow, this, &CraftChooser::fill);
    connect(&edits, &Edits::settled, this, &CraftChooser::showCraft);
    fill();
    showCraft();
}

void CraftChooser::fill()
{
    m_menu->clear();
    addCraft(*m_menu, m_edits);
    m_menu->addSeparator();
    m_menu->addAction(tr("Craft library…"), this, &CraftChooser::libraryWanted)
        ->setObjectName(QStringLiteral("craft library"));
}

void CraftChooser::showCraft()
{
    const auto& tangle = m_edits.tangle();
    m_name = m_edits.stance().craftName();
    const auto* craft = findBy(tangle.craft, &Craft::id, m_edits.stance().footing().craft);
    const auto* parent = craft ? findBy(tangle.craft, &Craft::id, craft->parent) : nullptr;
    m_family = parent && parent->id != kEverywhere ? toQt(parent->name)
               : parent                            ? QString()
                                                   : tr("every craft");
    setAccessibleName(tr("Craft: %1").arg(m_name));
    setToolTip(tr("The craft that is flown, and that edits are for"));
    update();
}

void CraftChooser::paintEvent(QPaintEvent*)
{
    const auto& p = jolly::app::palette();
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setPen(QPen(hasFocus() ? p.straw : underMouse() ? p.dim : p.line, 1));
    painter.setBrush(p.card);
    painter.drawRoundedRect(QRectF(rect()).adjusted(0.5, 0.5, -0.5, -0.5), 15, 15);
    const int room = width() - 46;
    painter.setFont(textFont(TextSize::Normal, true));
    painter.setPen(p.strong);
    const auto name = painter.fontMetrics().elidedText(m_name, Qt::ElideRight, room);
    const int used = painter.fontMetrics().horizontalAdvance(name);
    painter.drawText(QRect(16, 0, room, height()), Qt::AlignLeft | Qt::AlignVCenter, name);
    painter.setFont(textFont(TextSize::Small));
    painter.setPen(p.dim);
    painter.drawText(QRect(22 + used, 1, room - used - 6, height()),
                     Qt::AlignLeft | Qt::AlignVCenter,
                     painter.fontMetrics().elidedText(m_family, Qt::ElideRight, room - used - 6));
    const QPointF at(width() - 19, height() / 2.0);
    painter.setPen(Qt::NoPen);
    painter.setBrush(p.dim);
    painter.drawPolygon(QPolygonF{at + QPointF(-4, -2), at + QPointF(4, -2), at + QPointF(0, 3)});
}

}  // namespace jolly::app
