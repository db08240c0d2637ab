// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/shape/shape_plot.h"
#include "app/style/qt_text.h"

#include <QKeyEvent>
#include <QMouseEvent>
#include <algorithm>
#include <cmath>
#include <utility>

namespace jolly::app
{

namespace
{

constexpr double kGrip = 15.0;      ///< pixels around a handle that take it
constexpr double kSamePlace = 4.0;  ///< pixels between handles that lie in one place
constexpr double kShake = 3.0;      ///< pixels that a click may move without being a drag

}  // namespace

ShapePlot::ShapePlot(QWidget* parent) : QWidget(parent)
{
    setObjectName(QStringLiteral("shape plot"));
    setMinimumSize(300, 260);
    setFocusPolicy(Qt::StrongFocus);
    setMouseTracking(true);
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Expanding);
    setAccessibleName(
        tr("The axis as a curve. Page Up and Page Down choose a handle, arrows move it by 1 %, "
           "with Shift by 0.1 %; Insert adds a curve point, Delete takes it out."));
}

void ShapePlot::setShape(const Strand& strand, const std::vector<Signal>& signals, Chain chain)
{
    m_why.clear();
    m_chain = std::move(chain);
    m_sides = signals.front().sides;
    m_outSides = signals.back().sides;
    m_line = sampled(m_chain, m_sides);
    placeHandles(strand, signals);
    drawAnew();
}

void ShapePlot::setNothing(const QString& why)
{
    m_why = why;
    m_line.clear();
    m_handles.clear();
    m_curves.clear();
    m_trail.clear();
    m_grip.reset();
    choose(-1);
}

void ShapePlot::placeHandles(const Strand& strand, const std::vector<Signal>& signals)
{
    m_handles.clear();
    m_curves.clear();
    std::size_t link = 0;
    for (std::size_t s = 0; s < strand.stages.size(); ++s) {
        const auto& stage = strand.stages[s];
        if (!stage.isOn || link >= m_chain.size()) continue;
        if (takesPoints(stage.parameters)) m_curves.push_back(s);
        const StageInput input{signals[s], {}};
        const auto handles = m_chain.isWorking(link) ? handlesOf(stage.parameters, input)
                                                     : std::vector<PlotHandle>{};
        for (const auto& handle : handles) {
            const CurvePoint shown{m_chain.inverse(handle.at.in, 0, link, low(), handle.at.in),
                                   m_chain.through(handle.at.out, link + 1, m_chain.size())};
            m_handles.push_back({s, link, input, handle, shown});
        }
        ++link;
    }
    if (m_chosen >= handleCount()) choose(handleCount() - 1);
}

/// What a place in the plot of the whole strand is for one of its stages.
CurvePoint ShapePlot::inTermsOf(const PlacedHandle& placed, CurvePoint shown)
{
    return {m_chain.through(shown.in, 0, placed.link),
            m_chain.inverse(shown.out, placed.link + 1, m_chain.size(), placed.input.low(),
                            placed.handle.at.out)};
}

QString ShapePlot::handleName(int handle) const
{
    return handle >= 0 && handle < handleCount()
               ? toQt(m_handles[static_cast<std::size_t>(handle)].handle.name)
               : QString();
}

int ShapePlot::stageOfHandle(int handle) const
{
    return handle >= 0 && handle < handleCount()
               ? static_cast<int>(m_handles[static_cast<std::size_t>(handle)].stage)
               : -1;
}

QPointF ShapePlot::placeOfHandle(int handle) const
{
    return placeOf(m_handles[static_cast<std::size_t>(handle)].shown);
}

void ShapePlot::setUnder(std::vector<UnderCurve> curves)
{
    m_under = std::move(curves);
    drawAnew();
}

void ShapePlot::setEnds(const QString& low, const QString& high)
{
    take(m_lowEnd, low);
    take(m_highEnd, high);
}

void ShapePlot::setDwell(std::vector<DwellPart> dwell, Time span)
{
    take(m_dwell, std::move(dwell));
    take(m_dwellSpan, span);
}

void ShapePlot::setTrail(std::vector<CurvePoint> trail)
{
    if (trail == m_trail) return;
    m_trail = std::move(trail);
    update();
}

QRectF ShapePlot::field() const
{
    return QRectF(rect()).adjusted(30, 16, -22, -44);
}

QPointF ShapePlot::placeOf(CurvePoint point) const
{
    const auto f = field();
    return {f.left() + f.width() * (point.in - low()) / (1.0 - low()),
            f.bottom() - f.height() * (point.out - outLow()) / (1.0 - outLow())};
}

CurvePoint ShapePlot::pointAt(QPointF place) const
{
    const auto f = field();
    const auto part = [](double at, double size) { return std::clamp(at / size, 0.0, 1.0); };
    return {low() + (1.0 - low()) * part(place.x() - f.left(), f.width()),
            outLow() + (1.0 - outLow()) * part(f.bottom() - place.y(), f.height())};
}

double ShapePlot::distanceTo(int handle, QPointF place) const
{
    const auto offset = placeOfHandle(handle) - place;
    return std::hypot(offset.x(), offset.y());
}

/// The handle that is nearest to a place, and those that lie where it lies; none when all are too
/// far away.
std::vector<int> ShapePlot::handlesAt(QPointF place) const
{
    double nearest = kGrip;
    for (int i = 0; i < handleCount(); ++i) nearest = std::min(nearest, distanceTo(i, place));
    std::vector<int> handles;
    for (int i = 0; i < handleCount() && nearest < kGrip; ++i) {
        if (distanceTo(i, place) <= nearest + kSamePlace) handles.push_back(i);
    }
    return handles;
}

void ShapePlot::choose(int handle)
{
    m_chosen = std::clamp(handle, -1, handleCount() - 1);
    drawAnew();
    Q_EMIT chosenChanged();
}

void ShapePlot::moveChosen(CurvePoint shown, Gesture drag)
{
    if (m_chosen < 0) return;
    const auto placed = m_handles[static_cast<std::size_t>(m_chosen)];
    auto to = inTermsOf(placed, shown);
    if (placed.handle.way == PlotHandle::Way::Across) to.out = placed.handle.at.out;
    if (placed.handle.way == PlotHandle::Way::Up) to.in = placed.handle.at.in;
    Q_EMIT handleMoved(placed.stage, placed.handle.part, to, drag);
}

/// By the keyboard a handle moves in its stage's own terms: what is typed there is what is seen in
/// the numbers beside.
void ShapePlot::nudge(int right, int up, double step)
{
    if (m_chosen < 0) return;
    const auto placed = m_handles[static_cast<std::size_t>(m_chosen)];
    Q_EMIT handleMoved(placed.stage, placed.handle.part,
                       {placed.handle.at.in + right * step, placed.handle.at.out + up * step}, {});
}

void ShapePlot::chooseNext(const std::vector<int>& handles)
{
    const auto now = std::ranges::find(handles, m_chosen);
    if (now != handles.end()) choose(now + 1 == handles.end() ? handles.front() : now[1]);
}

/// The curve that gets a new point: that of the chosen handle, else the first one.
std::optional<std::size_t> ShapePlot::curveToAddTo() const
{
    if (m_curves.empty()) return std::nullopt;
    if (m_chosen >= 0) {
        const auto stage = m_handles[static_cast<std::size_t>(m_chosen)].stage;
        if (std::ranges::find(m_curves, stage) != m_curves.end()) return stage;
    }
    return m_curves.front();
}

/// Adds a point to the curve at a place of the plot; asks for a curve when there is none.
void ShapePlot::wantPoint(CurvePoint shown)
{
    if (m_line.empty()) return;
    const auto curve = curveToAddTo();
    if (!curve) return Q_EMIT curveWanted(shown);
    const auto found = std::ranges::find(m_handles, *curve, &PlacedHandle::stage);
    if (found != m_handles.end()) Q_EMIT pointWanted(*curve, inTermsOf(*found, shown));
}

/// Adds a point halfway from the chosen one to the next, or in the middle of what is seen.
void ShapePlot::addBesideChosen()
{
    const auto next = static_cast<std::size_t>(m_chosen + 1);
    const bool hasNext = m_chosen >= 0 && next < m_handles.size();
    const auto* a = hasNext ? &m_handles[next - 1] : nullptr;
    const auto* b = hasNext ? &m_handles[next] : nullptr;
    if (a && a->stage == b->stage && a->stage == curveToAddTo())
        return Q_EMIT pointWanted(a->stage, {(a->handle.at.in + b->handle.at.in) / 2,
                                             (a->handle.at.out + b->handle.at.out) / 2});
    const double middle = (low() + 3.0) / 4.0;  // of the upper half, or of a lever's upper part
    wantPoint({middle, m_chain.through(middle)});
}

void ShapePlot::mousePressEvent(QMouseEvent* event)
{
    const auto place = event->position();
    const auto handles = handlesAt(place);
    if (handles.empty()) return;
    const bool wasChosen = std::ranges::find(handles, m_chosen) != handles.end();
    if (!wasChosen) choose(handles.front());
    m_grip = Grip{place, placeOfHandle(m_chosen) - place, Gesture::begin(), wasChosen};
}

void ShapePlot::mouseMoveEvent(QMouseEvent* event)
{
    const auto place = event->position();
    if (m_grip) {
        m_grip->hasMoved |= (place - m_grip->from).manhattanLength() >= kShake;
        if (m_grip->hasMoved) moveChosen(pointAt(place + m_grip->offset), m_grip->drag);
        return;
    }
    const auto handles = handlesAt(place);
    setCursor(handles.empty() ? Qt::ArrowCursor : Qt::OpenHandCursor);
    QStringList names;
    for (const int handle : handles) names << handleName(handle);
    setToolTip(names.join(tr(" · click again for ")));
}

void ShapePlot::mouseReleaseEvent(QMouseEvent* event)
{
    const auto grip = std::exchange(m_grip, std::nullopt);
    if (grip && grip->wasChosen && !grip->hasMoved) chooseNext(handlesAt(event->position()));
}

void ShapePlot::mouseDoubleClickEvent(QMouseEvent* event)
{
    if (m_line.empty() || !handlesAt(event->position()).empty()) return mousePressEvent(event);
    wantPoint(pointAt(event->position()));
}

void ShapePlot::keyPressEvent(QKeyEvent* event)
{
    const double step = event->modifiers() & Qt::ShiftModifier ? 0.001 : 0.01;
    const bool isChosen = m_chosen >= 0 && m_chosen < handleCount();
    switch (event->key()) {
        case Qt::Key_PageUp:
            return choose(m_chosen + 1);
        case Qt::Key_PageDown:
            return choose(std::max(m_chosen - 1, 0));
        case Qt::Key_Left:
            return nudge(-1, 0, step);
        case Qt::Key_Right:
            return nudge(1, 0, step);
        case Qt::Key_Up:
            return nudge(0, 1, step);
        case Qt::Key_Down:
            return nudge(0, -1, step);
        case Qt::Key_Delete:
            if (isChosen) {
                const auto& placed = m_handles[static_cast<std::size_t>(m_chosen)];
                Q_EMIT removalWanted(placed.stage, placed.handle.part);
            }
            return;
        case Qt::Key_Insert:
            return addBesideChosen();
        default:
            QWidget::keyPressEvent(event);
    }
}

void ShapePlot::focusInEvent(QFocusEvent* event)
{
    if (m_chosen < 0 && handleCount() > 0 && event->reason() == Qt::TabFocusReason) choose(0);
    QWidget::focusInEvent(event);
}

}  // namespace jolly::app
