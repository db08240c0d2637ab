// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/axis_curve.h"
#include "app/models/axis_trace.h"
#include "app/models/gesture.h"
#include "app/shape/placed_handle.h"
#include "app/shape/plot_ground.h"
#include "app/style/still_picture.h"
#include "core/weave/feel_check.h"

#include <QPolygonF>
#include <QWidget>

class QPainter;

namespace jolly::app
{

/// One axis large: what its compiled stages make of each value, with the handles of the stages, the
/// live dot and its trail, and what lies beneath. Handles are dragged, or chosen with Page Up and
/// Down and nudged by arrows: 1 %, with Shift 0.1 %. Of several in one place a click takes the
/// next.
class ShapePlot : public QWidget
{
    Q_OBJECT

 public:
    explicit ShapePlot(QWidget* parent = nullptr);

    /// Shows a strand; its stages that are switched on are those of the chain, in their order.
    void setShape(const Strand& strand, const std::vector<Signal>& signals, Chain chain);

    /// Shows that there is nothing to draw, and why.
    void setNothing(const QString& why);
    void setUnder(std::vector<UnderCurve> curves);
    void setDwell(std::vector<DwellPart> dwell, Time span);
    void setDrift(const Drift& drift) { take(m_drift, drift); }
    void setPlaces(std::vector<NamedPlace> places) { take(m_places, std::move(places)); }

    /// How far the axis turns from end to end; the travel is shown in degrees then.
    void setDegrees(std::optional<double> degrees) { take(m_degrees, degrees); }
    void setEnds(const QString& low, const QString& high);

    /// The last moments, the present one last; empty when it is not known.
    void setTrail(std::vector<CurvePoint> trail);

    [[nodiscard]] const std::vector<CurvePoint>& line() const { return m_line; }
    [[nodiscard]] const QString& why() const { return m_why; }
    [[nodiscard]] int handleCount() const { return static_cast<int>(m_handles.size()); }
    [[nodiscard]] int chosen() const { return m_chosen; }
    [[nodiscard]] QString handleName(int handle) const;

    /// The place of its stage among the strand's stages; -1 for no handle.
    [[nodiscard]] int stageOfHandle(int handle) const;
    [[nodiscard]] QPointF placeOfHandle(int handle) const;  ///< in pixels

    [[nodiscard]] QSize sizeHint() const override { return {520, 460}; }

 Q_SIGNALS:
    /// @param to  in the stage's own terms. @param drag  none for a step of its own.
    void handleMoved(std::size_t stage, std::size_t part, jolly::CurvePoint to,
                     jolly::app::Gesture drag);
    void pointWanted(std::size_t stage, jolly::CurvePoint at);
    /// There is no curve for it yet. @param at  value in and out of the strand.
    void curveWanted(jolly::CurvePoint at);
    void removalWanted(std::size_t stage, std::size_t part);
    void chosenChanged();

 protected:
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;
    void mouseDoubleClickEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    void focusInEvent(QFocusEvent* event) override;
    void changeEvent(QEvent* event) override;

 private:
    void placeHandles(const Strand& strand, const std::vector<Signal>& signals);
    [[nodiscard]] CurvePoint inTermsOf(const PlacedHandle& placed, CurvePoint shown);
    [[nodiscard]] std::vector<int> handlesAt(QPointF place) const;
    [[nodiscard]] double distanceTo(int handle, QPointF place) const;
    void choose(int handle);
    void chooseNext(const std::vector<int>& handles);
    void moveChosen(CurvePoint shown, Gesture drag);
    void nudge(int right, int up, double step);
    [[nodiscard]] std::optional<std::size_t> curveToAddTo() const;
    void addBesideChosen();
    void wantPoint(CurvePoint shown);

    [[nodiscard]] QRectF field() const;
    [[nodiscard]] QRectF clip() const { return field().adjusted(-9, -9, 9, 9); }
    [[nodiscard]] QPointF placeOf(CurvePoint point) const;
    [[nodiscard]] CurvePoint pointAt(QPointF place) const;
    [[nodiscard]] double low() const { return m_sides == Sides::Two ? -1.0 : 0.0; }
    [[nodiscard]] double outLow() const { return m_outSides == Sides::Two ? -1.0 : 0.0; }
    [[nodiscard]] QString inText(double in) const;
    [[nodiscard]] QPolygonF lineOf(const std::vector<CurvePoint>& points) const;

    /// Takes what is shown beneath the dot.
    template <class T>
    void take(T& shown, T now)
    {
        if (shown == now) return;
        shown = std::move(now);
        drawAnew();
    }
    void drawAnew();
    void paintNothing(QPainter& painter) const;
    void paintStill(QPainter& painter) const;
    void paintGround(QPainter& painter) const;
    void paintDead(QPainter& painter) const;
    void paintDwell(QPainter& painter) const;
    void paintPlaces(QPainter& painter) const;
    void paintUnder(QPainter& painter) const;
    void paintHandles(QPainter& painter) const;
    void paintDot(QPainter& painter) const;
    void paintWords(QPainter& painter) const;
    void paintBubble(QPainter& painter, QPointF at) const;

    Chain m_chain;
    Sides m_sides = Sides::Two;
    Sides m_outSides = Sides::Two;
    QString m_why;
    std::vector<CurvePoint> m_line;
    std::vector<PlacedHandle> m_handles;
    std::vector<UnderCurve> m_under;
    std::vector<DwellPart> m_dwell;
    Time m_dwellSpan{};
    std::vector<NamedPlace> m_places;
    std::vector<CurvePoint> m_trail;
    Drift m_drift;
    std::optional<double> m_degrees;
    QString m_lowEnd, m_highEnd;
    std::vector<std::size_t> m_curves;  ///< stages that are curves, switched on
    int m_chosen = -1;
    /// What the mouse holds while its button is down.
    struct Grip {
        QPointF from, offset;  ///< where it was pressed, and from there to the handle
        Gesture drag;
        bool wasChosen = false;  ///< the handle had been chosen before
        bool hasMoved = false;
    };
    std::optional<Grip> m_grip;
    StillPicture m_still;  ///< all that lies beneath the dot and its trail
};

}  // namespace jolly::app
