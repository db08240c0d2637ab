// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/shape/axis_list.h"
#include "app/style/qt_text.h"

#include "app/models/axis_trace.h"
#include "app/shape/axis_strand.h"
#include "app/shape/shape_plot.h"
#include "app/style/palette.h"
#include "app/style/theme.h"
#include "core/tangle/lookup.h"
#include "core/weave/weave.h"

#include <QPainter>
#include <algorithm>

namespace jolly::app
{

namespace
{

constexpr int kSmallPlot = 36;

}  // namespace

AxisRow::AxisRow(const std::string& strand, QWidget* parent)
    : QAbstractButton(parent), m_strand(strand)
{
    setObjectName(QStringLiteral("axis ") + toQt(strand));
    setCheckable(true);
    setAutoExclusive(true);
    setFocusPolicy(Qt::StrongFocus);
    setCursor(Qt::PointingHandCursor);
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
}

void AxisRow::show(const QString& name, const QString& where, bool isMarked)
{
    if (name == text() && where == m_where && isMarked == m_isMarked) return;
    setText(name);
    m_where = where;
    m_isMarked = isMarked;
    setAccessibleName(isMarked ? tr("%1, %2, needs attention").arg(name, where)
                               : QStringLiteral("%1, %2").arg(name, where));
    setToolTip(QStringLiteral("%1\n%2").arg(name, where));
    update();
}

void AxisRow::setLine(std::vector<CurvePoint> line, bool isTwoSided, bool isOutTwoSided)
{
    m_line = std::move(line);
    m_low = isTwoSided ? -1.0 : 0.0;
    m_outLow = isOutTwoSided ? -1.0 : 0.0;
    update();
}

void AxisRow::paintEvent(QPaintEvent*)
{
    const auto& p = jolly::app::palette();
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const auto box = QRectF(rect()).adjusted(1, 1, -1, -1);
    if (isChecked() || hasFocus() || underMouse()) {
        painter.setPen(QPen(isChecked() ? p.straw : p.line, isChecked() ? 1.6 : 1.0));
        painter.setBrush(isChecked() ? p.raised : p.card);
        painter.drawRoundedRect(box, 8, 8);
    }
    const QRectF plot(width() - kSmallPlot - 8, (height() - kSmallPlot) / 2.0, kSmallPlot,
                      kSmallPlot);
    painter.setPen(Qt::NoPen);
    painter.setBrush(p.well);
    painter.drawRoundedRect(plot, 4, 4);
    QPolygonF line;
    for (const auto& point : m_line)
        line << QPointF(plot.left() + plot.width() * (point.in - m_low) / (1.0 - m_low),
                        plot.bottom() - plot.height() * (point.out - m_outLow) / (1.0 - m_outLow));
    painter.setPen(QPen(isChecked() ? p.straw : p.dim, 1.5));
    painter.drawPolyline(line);
    const int room = width() - kSmallPlot - 32 - (m_isMarked ? 12 : 0);
    painter.setFont(textFont(TextSize::Normal, true));
    painter.setPen(isChecked() ? p.strong : p.text);
    painter.drawText(QRect(12, 8, room, 18), Qt::AlignLeft | Qt::AlignVCenter,
                     painter.fontMetrics().elidedText(text(), Qt::ElideRight, room));
    painter.setFont(textFont(TextSize::Small));
    painter.setPen(p.dim);
    painter.drawText(QRect(12, 27, room, 16), Qt::AlignLeft | Qt::AlignVCenter,
                     painter.fontMetrics().elidedText(m_where, Qt::ElideRight, room));
    if (!m_isMarked) return;
    painter.setFont(textFont(TextSize::Normal, true));
    painter.setPen(p.coral);
    painter.drawText(QRectF(plot.left() - 14, 8, 10, 18), Qt::AlignCenter, QStringLiteral("!"));
}

AxisList::AxisList(Edits& edits, Preflight& preflight, QWidget* parent)
    : ScrollColumn("axes", 3, parent), m_edits(edits), m_preflight(preflight)
{
    column().addStretch();
}

void AxisList::rebuild()
{
    const auto& tangle = m_edits.tangle();
    std::vector<const Strand*> strands;
    for (const auto& strand : tangle.strands) {
        if (m_edits.stance().isOurs(strand) && isAxisStrand(tangle, strand))
            strands.push_back(&strand);
    }
    const bool fits = std::ranges::equal(
        strands, m_rows, [](const Strand* s, const AxisRow* r) { return s->id == r->strand(); });
    if (!fits) {
        for (auto* row : m_rows) {
            row->hide();
            row->deleteLater();
        }
        m_rows.clear();
        for (const auto* strand : strands) {
            auto* row = new AxisRow(strand->id);
            m_rows.push_back(row);
            column().insertWidget(column().count() - 1, row);
            connect(row, &QAbstractButton::clicked, this, [this, row] {
                const auto id = row->strand();
                Q_EMIT chosen(id);
            });
        }
    }
    for (std::size_t i = 0; i < strands.size(); ++i) {
        const auto path = "/strands/" + std::to_string(strands[i] - tangle.strands.data());
        const bool isMarked = std::ranges::any_of(m_preflight.problems(), [&](const Problem& p) {
            return p.path == path || p.path.starts_with(path + "/");
        });
        m_rows[i]->show(nameWithCraft(tangle, *strands[i]), wayOf(tangle, *strands[i]), isMarked);
    }
    drawChanged(!fits);
}

/// Draws the small curves of the strands that are another than before, all of them when what lies
/// around the strands changed.
void AxisList::drawChanged(bool isNew)
{
    const auto& tangle = m_edits.tangle();
    const bool isAll = isNew || tangle.rig != m_shown.rig || tangle.devices != m_shown.devices;
    std::vector<Strand> shown;
    for (std::size_t i = 0; i < m_rows.size(); ++i) {
        const auto& strand = *findStrand(tangle, m_rows[i]->strand());
        if (isAll || strand != m_shown.strands[i]) draw(*m_rows[i], strand);
        shown.push_back(strand);
    }
    m_shown = {.rig = tangle.rig, .devices = tangle.devices, .strands = std::move(shown)};
}

void AxisList::draw(AxisRow& row, const Strand& strand) const
{
    const Rehearsal rehearsal(rehearsed(m_edits.tangle(), strand.id), strand.id);
    if (!doesCount(strand) || !rehearsal.isThere()) return row.setLine({}, true, true);
    row.setLine(sampled(rehearsal.chain(), rehearsal.sides(), 40), rehearsal.sides() == Sides::Two,
                rehearsal.outSides() == Sides::Two);
}

void AxisList::choose(const std::string& strand)
{
    for (auto* row : m_rows) {
        if (row->strand() != strand) continue;
        row->setChecked(true);
        ensureWidgetVisible(row, 0, 10);
    }
}

std::vector<std::string> AxisList::strands() const
{
    std::vector<std::string> ids;
    for (const auto* row : m_rows) ids.push_back(row->strand());
    return ids;
}

}  // namespace jolly::app
