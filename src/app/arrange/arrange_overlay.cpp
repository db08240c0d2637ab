// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/arrange/arrange_overlay.h"

#include "app/style/qt_text.h"

#include "app/style/palette.h"
#include "core/tangle/edit.h"
#include "core/tangle/lookup.h"

#include <QPainter>
#include <algorithm>

namespace jolly::app
{

namespace
{

constexpr int kHandle = 9;
constexpr int kLabelRows = 2;  ///< of a group, above what lies in it
constexpr int kEdge = 6;       ///< pixels around a frame's border that mean the group

}  // namespace

ArrangeOverlay::ArrangeOverlay(Edits& edits, LiveFeed& feed, const std::string& controller,
                               Faceplate* plate)
    : QWidget(plate), m_edits(edits), m_feed(feed), m_controller(controller), m_plate(plate)
{
    setObjectName(QStringLiteral("arrange overlay"));
    setAccessibleName(tr("Arrange the faceplate: arrow keys move, with Shift they resize"));
    setFocusPolicy(Qt::StrongFocus);
    setMouseTracking(true);
    plate->installEventFilter(this);
    refresh();
    show();
    raise();
    setFocus();
}

void ArrangeOverlay::refresh()
{
    if (!m_plate) return;
    m_arrangement = wholeArrangement(m_plate->plate(), m_plate->innerWidth());
    const auto isGone = [this](ControlCode code) {
        return std::ranges::find(m_arrangement.parts, code, &PlatePart::control) ==
               m_arrangement.parts.end();
    };
    std::erase_if(m_parts, isGone);
    if (m_group && *m_group >= m_arrangement.groups.size()) m_group.reset();
    const auto top = m_plate->origin();
    setGeometry(QRect(top, QPoint(top.x() + m_plate->innerWidth() - 1, m_plate->height() - 4)));
    raise();
    update();
    Q_EMIT chosenChanged();
}

QSizeF ArrangeOverlay::cell() const
{
    const auto size = cellSize(width());
    return {size.width, size.height};
}

QRect ArrangeOverlay::rectOf(const Cells& cells) const
{
    return toQt(pixelsOf(cells, width()));
}

QRect ArrangeOverlay::handleOf(const Cells& cells) const
{
    const auto rect = rectOf(cells);
    return {rect.right() - kHandle + 2, rect.bottom() - kHandle + 2, kHandle, kHandle};
}

bool ArrangeOverlay::isChosen(std::size_t part) const
{
    return std::ranges::find(m_parts, m_arrangement.parts[part].control) != m_parts.end();
}

std::optional<std::size_t> ArrangeOverlay::partAt(QPoint place) const
{
    for (auto i = m_arrangement.parts.size(); i-- > 0;) {
        if (rectOf(m_arrangement.parts[i].cells).contains(place)) return i;
    }
    return std::nullopt;
}

/// By its border or its label.
std::optional<std::size_t> ArrangeOverlay::groupAt(QPoint place) const
{
    for (auto i = m_arrangement.groups.size(); i-- > 0;) {
        const auto rect = rectOf(m_arrangement.groups[i].cells);
        const auto inside =
            rect.adjusted(kEdge, static_cast<int>(kLabelRows * cell().height()), -kEdge, -kEdge);
        if (rect.adjusted(-2, -2, 2, 2).contains(place) && !inside.contains(place)) return i;
    }
    return std::nullopt;
}

bool ArrangeOverlay::isOnHandle(QPoint place) const
{
    if (m_group) return handleOf(m_arrangement.groups[*m_group].cells).contains(place);
    for (std::size_t i = 0; i < m_arrangement.parts.size(); ++i) {
        if (isChosen(i) && handleOf(m_arrangement.parts[i].cells).contains(place)) return true;
    }
    return false;
}

void ArrangeOverlay::choose(std::optional<std::size_t> part, bool isAdding)
{
    m_group.reset();
    if (!isAdding) m_parts.clear();
    if (part) {
        const auto code = m_arrangement.parts[*part].control;
        if (std::erase(m_parts, code) == 0) m_parts.push_back(code);
    }
    update();
    Q_EMIT chosenChanged();
}

void ArrangeOverlay::chooseGroup(std::size_t group)
{
    m_parts.clear();
    m_group = group;
    update();
    Q_EMIT chosenChanged();
}

/// Goes round through parts, then groups.
void ArrangeOverlay::chooseNext(int by)
{
    const auto parts = static_cast<int>(m_arrangement.parts.size());
    const auto all = parts + static_cast<int>(m_arrangement.groups.size());
    if (all == 0) return;
    int now = by > 0 ? -1 : all;
    if (m_group) now = parts + static_cast<int>(*m_group);
    for (int i = 0; i < parts && !m_parts.empty(); ++i) {
        if (m_arrangement.parts[static_cast<std::size_t>(i)].control == m_parts.back()) now = i;
    }
    const int next = (now + by + all) % all;
    if (next < parts) return choose(static_cast<std::size_t>(next), false);
    chooseGroup(static_cast<std::size_t>(next - parts));
}

void ArrangeOverlay::editRig(const QString& step, const std::function<void(RigController&)>& change)
{
    const auto* desk = m_feed.desk().find(m_controller);
    if (!desk) return;
    auto rig = desk->rig;
    change(rig);
    m_edits.applyToWhole({step}, [&](Tangle& tangle) { putIntoRig(tangle, rig); });
}

void ArrangeOverlay::put(const QString& step, const Arrangement& arrangement, Gesture drag)
{
    const auto* desk = m_feed.desk().find(m_controller);
    if (!desk) return;
    auto rig = desk->rig;
    rig.faceplate = arrangement;
    m_edits.applyToWhole({.name = step, .gesture = drag},
                         [&](Tangle& tangle) { putIntoRig(tangle, rig); });
    refresh();
}

void ArrangeOverlay::shift(int columns, int rows, bool isResizing, Gesture drag)
{
    auto arrangement = m_arrangement;
    if (m_group && isResizing) {
        auto& cells = arrangement.groups[*m_group].cells;
        cells = onGrid({cells.left, cells.top,
                        std::min(cells.width + columns, Cells::kColumns - cells.left),
                        cells.height + rows});
    } else if (m_group) {
        moveGroup(arrangement, *m_group, columns, rows);
    }
    for (std::size_t i = 0; i < arrangement.parts.size() && !m_group; ++i) {
        if (!isChosen(i)) continue;
        auto cells = arrangement.parts[i].cells;
        if (isResizing) {
            cells.width =
                std::min(std::max(1, cells.width + columns), Cells::kColumns - cells.left);
            cells.height = std::max(1, cells.height + rows);
        } else {
            cells.left += columns;
            cells.top += rows;
        }
        putPart(arrangement, arrangement.parts[i].control, cells);
    }
    if (arrangement == m_arrangement) return;
    put(isResizing ? tr("resize part") : tr("move part"), arrangement, drag);
}

void ArrangeOverlay::group()
{
    std::optional<Cells> around;
    for (std::size_t i = 0; i < m_arrangement.parts.size(); ++i) {
        if (!isChosen(i)) continue;
        const auto& cells = m_arrangement.parts[i].cells;
        if (!around) around = cells;
        const int right = std::max(around->right(), cells.right());
        const int bottom = std::max(around->bottom(), cells.bottom());
        around->left = std::min(around->left, cells.left);
        around->top = std::min(around->top, cells.top);
        around->width = right - around->left;
        around->height = bottom - around->top;
    }
    if (!around)
        return m_edits.messages().refuse(
            tr("Choose the parts first: click one, and more with Shift held, or "
               "draw a frame around them."));
    const int left = std::max(0, around->left - 1);
    const int top = around->top - kLabelRows;
    auto arrangement = m_arrangement;
    const int down = std::max(0, -top);  // no room for the label above: everything makes room
    for (auto& part : arrangement.parts) part.cells.top += down;
    for (auto& each : arrangement.groups) each.cells.top += down;
    arrangement.groups.push_back(
        {tr("Group").toStdString(),
         onGrid({left, top + down, std::min(around->right() + 1, Cells::kColumns) - left,
                 around->height + kLabelRows + 1}),
         {}});
    put(tr("group parts"), arrangement);
    chooseGroup(m_arrangement.groups.size() - 1);
}

void ArrangeOverlay::ungroup()
{
    if (!m_group)
        return m_edits.messages().refuse(tr("Choose a group first, by its border or its label."));
    auto arrangement = m_arrangement;
    arrangement.groups.erase(arrangement.groups.begin() + static_cast<std::ptrdiff_t>(*m_group));
    m_group.reset();
    put(tr("take group apart"), arrangement);
}

void ArrangeOverlay::layOutAnew()
{
    choose(std::nullopt, false);
    put(tr("lay out anew"), {});
}

std::optional<std::size_t> ArrangeOverlay::switchOf(ControlCode code) const
{
    const auto* desk = m_feed.desk().find(m_controller);
    const auto at = desk ? switchAt(desk->rig, code) : std::nullopt;
    return at ? std::optional(at->first) : std::nullopt;
}

bool ArrangeOverlay::hasName() const
{
    return m_group || m_parts.size() == 1;
}

QString ArrangeOverlay::name() const
{
    const auto* desk = m_feed.desk().find(m_controller);
    if (!desk || !hasName()) return {};
    if (m_group) return toQt(m_arrangement.groups[*m_group].label);
    if (const auto at = switchOf(m_parts.front())) return toQt(desk->rig.switches[*at].name);
    const auto* control = findControl(desk->rig, m_parts.front());
    return control ? toQt(control->label) : QString();
}

void ArrangeOverlay::setName(const QString& name)
{
    const auto words = name.trimmed().toStdString();
    if (!hasName() || name == this->name()) return;
    if (m_group) {
        auto arrangement = m_arrangement;
        arrangement.groups[*m_group].label = words;
        return put(tr("label group"), arrangement);
    }
    if (const auto at = switchOf(m_parts.front())) {
        if (words.empty()) return m_edits.messages().refuse(tr("A switch needs a name."));
        return editRig(tr("rename switch"),
                       [&](RigController& rig) { rig.switches[*at].name = words; });
    }
    editRig(tr("rename control"), [&](RigController& rig) {
        if (auto* control = findControl(rig, m_parts.front())) control->label = words;
    });
}

void ArrangeOverlay::paintEvent(QPaintEvent*)
{
    const auto& p = jolly::app::palette();
    QPainter painter(this);
    painter.setPen(p.faint);
    for (int row = 0; row * cell().height() < height(); ++row) {
        for (int column = 0; column <= Cells::kColumns; ++column)
            painter.drawPoint(static_cast<int>(column * cell().width()),
                              static_cast<int>(row * cell().height()));
    }
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setBrush(Qt::NoBrush);
    const auto outline = [&](const Cells& cells, bool isMarked) {
        painter.setPen(isMarked ? QPen(p.straw, 2) : QPen(p.slate, 1, Qt::DotLine));
        painter.drawRoundedRect(QRectF(rectOf(cells)).adjusted(1, 1, -1, -1), 4, 4);
        if (isMarked) painter.fillRect(handleOf(cells), p.straw);
    };
    for (std::size_t i = 0; i < m_arrangement.parts.size(); ++i) {
        if (!isChosen(i)) outline(m_arrangement.parts[i].cells, false);
    }
    for (std::size_t i = 0; i < m_arrangement.groups.size(); ++i)
        outline(m_arrangement.groups[i].cells, m_group == i);
    for (std::size_t i = 0; i < m_arrangement.parts.size(); ++i) {
        if (isChosen(i)) outline(m_arrangement.parts[i].cells, true);
    }
    if (m_drag == Drag::Frame) {
        painter.setPen(QPen(p.strong, 1, Qt::DashLine));
        painter.drawRect(m_frame.normalized());
    }
}

}  // namespace jolly::app
