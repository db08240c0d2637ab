// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/layers/meaning_plate.h"

#include "app/style/qt_text.h"

#include "app/faceplate/plate_list.h"
#include "app/strands/control_menu.h"
#include "app/style/elided_button.h"
#include "app/style/elided_label.h"
#include "app/style/layer_mark.h"
#include "app/style/palette.h"
#include "app/style/scroll_column.h"
#include "app/style/theme.h"
#include "app/style/wrap_layout.h"
#include "core/tangle/lookup.h"

#include <QHBoxLayout>
#include <QPainter>
#include <QPainterPath>
#include <QPushButton>
#include <algorithm>

namespace jolly::app
{

namespace
{

constexpr int kMargin = 16;
constexpr int kChips = 30;  ///< one line of them
constexpr int kHead = 74;
constexpr int kHint = 26;
constexpr int kPlateWidth = 244;
constexpr int kEach = Callout::kHeight + 1;

/// The number that stands in its drawing, else its name.
QString shortName(const Plate& plate, const RigController& rig, const RigControl& control)
{
    const auto found = std::ranges::find(plate.controls, control.code, &PlateControl::code);
    const bool isNumbered = found != plate.controls.end() && !found->number.empty() &&
                            control.kind == ControlKind::Button;
    return isNumbered ? toQt(found->number) : toQt(nameOf(rig, control));
}

}  // namespace

MeaningPlate::MeaningPlate(Edits& edits, Selection& selection, QWidget* parent)
    : Card(parent),
      m_edits(edits),
      m_selection(selection),
      m_title(new ElidedLabel(this)),
      m_layers(new ElidedLabel(this)),
      m_hint(new ElidedLabel(this)),
      m_row(new QWidget(this)),
      m_plate(new Faceplate(Faceplate::Kind::Controller, this))
{
    setObjectName(QStringLiteral("as it acts now"));
    m_title->setFont(textFont(TextSize::Normal, true));
    setTone(*m_title, "title");
    m_layers->setObjectName(QStringLiteral("acting layers"));
    setTone(*m_layers, "dim");
    m_hint->setText(tr("Touch a control to jump to it. Click a label to change what it does."));
    m_hint->setFont(textFont(TextSize::Small));
    setTone(*m_hint, "dim");
    new WrapLayout(6, m_row);
    connect(m_plate, &Faceplate::menuWanted, this, [this](const QString& id, QPoint at) {
        if (const auto code = parseControlCode(id.toStdString()))
            openControlMenu(m_edits, m_selection, {m_controller, *code}, at, *this);
    });
    connect(m_plate, &Faceplate::activated, this, [this](const QString& id) {
        if (const auto code = parseControlCode(id.toStdString()))
            m_selection.select(Source{m_controller, *code});
    });
}

const DeskController* MeaningPlate::shown() const
{
    return m_selection.feed().desk().find(m_controller);
}

void MeaningPlate::makeChips()
{
    std::vector<std::string> ids;
    for (const auto& controller : m_selection.feed().desk().controllers)
        ids.push_back(controller.rig.id);
    if (ids != m_chips) {
        m_chips = ids;
        clearLayout(*m_row->layout());
        for (const auto& controller : m_selection.feed().desk().controllers) {
            auto* chip = new ElidedButton(toQt(controller.rig.alias), m_row);
            chip->setObjectName(QStringLiteral("plate of ") + toQt(controller.rig.id));
            chip->setCheckable(true);
            chip->setFont(textFont(TextSize::Small));
            setTone(*chip, "chip");
            connect(chip, &QPushButton::clicked, this, [this, id = controller.rig.id] {
                m_controller = id;
                if (m_selection.selected() && m_selection.selected()->controller != id)
                    m_selection.select(std::nullopt);
                rebuild();
            });
            m_row->layout()->addWidget(chip);
            chip->show();  // it has a place at once
        }
    }
    for (auto* chip : m_row->findChildren<QPushButton*>())
        chip->setChecked(chip->objectName() == QStringLiteral("plate of ") + toQt(m_controller));
}

/// What a control does while the layers are engaged that are shown; nothing where it does nothing.
std::optional<Callout::Words> MeaningPlate::wordsOf(const RigController& rig,
                                                    const RigControl& control) const
{
    const auto& tangle = m_edits.tangle();
    const auto& stance = m_edits.stance();
    const auto meanings = stance.meaningsOf({rig.id, control.code});
    const auto* acting = actingOf(meanings, stance.shown());
    if (!acting) return std::nullopt;
    QStringList deeds;
    for (const auto* strand : acting->strands) deeds << toQt(deedOf(tangle, *strand));
    deeds.removeAll(QString());
    deeds.removeDuplicates();
    Callout::Words words{.control = {rig.id, control.code},
                         .deed = deeds.join(QStringLiteral(", ")),
                         .layer = acting->layer,
                         .isChosen = m_selection.selected() == Source{rig.id, control.code}};
    const auto layer = toQt(tangle.layers[acting->layer].name);
    words.from = shortName(m_plate->plate(), rig, control) + QStringLiteral(" · ") + layer;
    const auto below = std::ranges::find_if(meanings, [&](const Meaning& meaning) {
        return meaning.layer < acting->layer &&
               (meaning.layer == 0 || ((stance.shown() >> meaning.layer) & 1U) != 0);
    });
    if (below != meanings.end())
        words.more = tr("replaces %1").arg(toQt(tangle.layers[below->layer].name));
    const bool isAnyAbove = (stance.shown() >> (acting->layer + 1)) != 0;
    words.shows = acting->layer == 0 && isAnyAbove;
    if (words.shows) words.more = tr("shows through");
    return words;
}

void MeaningPlate::rebuild()
{
    const auto& controllers = m_selection.feed().desk().controllers;
    if (m_selection.selected()) m_controller = m_selection.selected()->controller;
    if (!shown()) m_controller = controllers.empty() ? std::string() : controllers.front().rig.id;
    makeChips();
    const auto* desk = shown();
    m_plate->setVisible(desk != nullptr);
    std::vector<Callout::Words> all;
    if (desk) {
        m_title->setText(toQt(desk->rig.alias));
        m_plate->setTitle(toQt(desk->rig.alias), ControllerPlates::stateText(
                                                     *desk, m_selection.feed().session().isLive()));
        m_plate->setPlate(jolly::plateOf(desk->rig));
        m_plate->setDashed(!desk->isPresent);
        for (const auto& control : desk->rig.controls) {
            if (auto words = wordsOf(desk->rig, control)) all.push_back(std::move(*words));
        }
    } else {
        m_title->setText(tr("No controller yet"));
    }
    const auto& stance = m_edits.stance();
    QStringList names;
    for (std::size_t i = 0; i < m_edits.tangle().layers.size() && i < kMostLayers; ++i) {
        if (((stance.shown() >> i) & 1U) != 0) names << toQt(m_edits.tangle().layers[i].name);
    }
    m_layers->setText((stance.peeked().empty() ? tr("as it is right now: %1")
                                               : tr("peeked at, as if engaged: %1"))
                          .arg(names.join(QStringLiteral(", "))));
    setTone(*m_layers, stance.peeked().empty() ? "dim" : "straw");
    while (m_callouts.size() > all.size()) {
        m_callouts.back()->hide();
        m_callouts.back()->deleteLater();
        m_callouts.pop_back();
    }
    while (m_callouts.size() < all.size()) {
        auto* callout = new Callout(this);
        connect(callout, &QAbstractButton::clicked, this,
                [this, callout] { m_selection.select(callout->words().control); });
        m_callouts.push_back(callout);
    }
    for (std::size_t i = 0; i < all.size(); ++i) m_callouts[i]->show(all[i], false);
    place();
    showValues();
}

void MeaningPlate::showValues()
{
    const auto* desk = shown();
    if (!desk || !isVisible()) return;
    const auto& selected = m_selection.selected();
    for (std::size_t i = 0; i < desk->rig.controls.size(); ++i) {
        const auto& code = desk->rig.controls[i].code;
        ControlState state;
        state.value = m_selection.feed().desk().valueOf(*desk, i, m_selection.feed().values());
        state.isUsed = std::ranges::any_of(
            m_callouts, [&](const Callout* c) { return c->words().control.control == code; });
        state.isSelected = selected == Source{desk->rig.id, code};
        state.isAway = !desk->isPresent;
        m_plate->setState(i, state);
    }
}

/// Labels stand at the side to which their control is nearer, from top to bottom as the controls.
void MeaningPlate::place()
{
    const int inner = width() - 2 * kMargin;
    m_title->setGeometry(kMargin, 10, std::min(inner / 3, m_title->sizeHint().width() + 4), 20);
    m_layers->setGeometry(m_title->geometry().right() + 12, 10,
                          width() - kMargin - m_title->geometry().right() - 12, 20);
    const int chips = std::max(kChips, m_row->layout()->heightForWidth(inner));
    m_row->setGeometry(kMargin, 36, inner, chips);
    const int head = kHead + chips - kChips;
    const int side = std::max(90, (inner - kPlateWidth) / 2 - 22);
    const int plateWidth = std::max(220, inner - 2 * (side + 22));
    m_plate->setFixedWidth(plateWidth);
    const int plateX = kMargin + side + 22;
    std::vector<Spot> anchors;
    for (const auto* callout : m_callouts) anchors.push_back(anchorOf(*callout));
    const auto areLeft = sidesOfCallouts(anchors, plateWidth);
    const int height = std::max(heightOfCallouts(areLeft, kEach), m_plate->height());
    m_plate->move(plateX, head + (height - m_plate->height()) / 2);
    for (auto& anchor : anchors) anchor.y += m_plate->y();
    const auto places = placeCallouts(anchors, areLeft, head, head + height, kEach);
    for (std::size_t i = 0; i < places.size(); ++i) {
        m_callouts[i]->show(m_callouts[i]->words(), places[i].isLeft);
        m_callouts[i]->setGeometry(places[i].isLeft ? kMargin : width() - kMargin - side,
                                   places[i].top, side, Callout::kHeight);
    }
    orderTabs();
    m_hint->setGeometry(kMargin, head + height + 6, inner, 18);
    setFixedHeight(head + height + kHint + 8);
    update();
}

/// Where a label's control is, on the faceplate.
Spot MeaningPlate::anchorOf(const Callout& callout) const
{
    const auto* view = m_plate->view(toQt(toText(callout.words().control.control)));
    if (!view) return {};
    return {view->x() + static_cast<int>(view->anchor().x()),
            view->y() + static_cast<int>(view->anchor().y())};
}

/// The Tab key goes down the left column, then down the right one.
void MeaningPlate::orderTabs()
{
    auto order = m_callouts;
    std::ranges::sort(order, {}, [](const Callout* callout) {
        return std::pair(!callout->isLeft(), callout->y());
    });
    QWidget* before = m_row;
    for (auto* callout : order) {
        setTabOrder(before, callout);
        before = callout;
    }
}

void MeaningPlate::paintEvent(QPaintEvent* event)
{
    Card::paintEvent(event);
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const double left = m_plate->x();
    const double right = m_plate->geometry().right();
    for (const auto* callout : m_callouts) {
        const auto* view = m_plate->view(toQt(toText(callout->words().control.control)));
        if (!view) continue;
        const auto at = QPointF(m_plate->pos() + view->pos()) + view->anchor();
        const auto& box = callout->geometry();
        const QPointF from(callout->isLeft() ? box.right() + 2.0 : box.left() - 2.0,
                           box.center().y());
        const QPointF to(callout->isLeft() ? left : right, at.y());
        auto colour = layerColour(callout->words().layer);
        colour.setAlphaF(callout->words().isChosen ? 1.0F : callout->words().shows ? 0.35F : 0.7F);
        painter.setPen(QPen(colour, callout->words().isChosen ? 2.2 : 1.3));
        QPainterPath path(from);
        const QPointF bend((to.x() - from.x()) / 2.0, 0);
        path.cubicTo(from + bend, to - bend, to);
        painter.drawPath(path);
    }
}

void MeaningPlate::resizeEvent(QResizeEvent*)
{
    place();
}

}  // namespace jolly::app
