// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/strands/outlet_rows.h"
#include "app/style/qt_text.h"

#include "app/goals/goal.h"
#include "app/listen/chord_field.h"
#include "app/strands/goal_menu.h"
#include "app/strands/stage_values.h"
#include "app/strands/stage_words.h"
#include "core/tangle/device_edit.h"
#include "core/tangle/function_edit.h"
#include "core/tangle/lookup.h"
#include "core/tangle/signals.h"
#include "core/tangle/stage_edit.h"
#include "core/weave/explain.h"

#include <QEvent>
#include <QHBoxLayout>
#include <QVBoxLayout>
#include <algorithm>
#include <ranges>

namespace jolly::app
{

namespace
{

constexpr int kLeastName = 24;  ///< room for the name of an outlet
constexpr int kMostName = 140;

/// The last stage of a strand that is switched on; null when there is none.
const Stage* lastOf(const Strand& strand)
{
    for (const auto& stage : strand.stages | std::views::reverse) {
        if (stage.isOn) return &stage;
    }
    return nullptr;
}

}  // namespace

OutletRows::OutletRows(Weaver& weaver, RowChoice& choice, const Strand& strand, QWidget* parent)
    : QWidget(parent),
      m_weaver(weaver),
      m_choice(choice),
      m_strand(strand.id),
      m_outlets(outletsOf(strand)),
      m_ways(waysOf(strand)),
      m_areButtons(signalsOf(weaver.edits().tangle(), strand).back().kind == ControlKind::Button)
{
    auto* all = new QVBoxLayout(this);
    all->setContentsMargins(0, 0, 0, 0);
    all->setSpacing(6);
    auto* beside = new QHBoxLayout;
    beside->setSpacing(6);
    addPicture(strand, *all, *beside);
    m_column = new QVBoxLayout;
    m_column->setSpacing(2);
    for (auto& way : m_ways) addRow(way, *m_column);
    int widest = kLeastName;
    for (const auto& way : m_ways) widest = std::max(widest, way.row->nameWidth());
    for (const auto& way : m_ways) way.row->setNameWidth(std::min(widest, kMostName));
    beside->addLayout(m_column, 1);
    all->addLayout(beside);
    setVisible(!m_ways.empty());
    connect(&choice, &RowChoice::changed, this, &OutletRows::showChoice);
    showChoice();
}

void OutletRows::addRow(Way& way, QVBoxLayout& column)
{
    way.row = new OutletRow(toQt(Sentence::ourWord(m_outlets[way.outlet])), m_areButtons, this);
    column.addWidget(way.row);
    connect(
        way.row, &OutletRow::chosen, this, [this, way] { m_choice.choose(placeOf(way)); },
        Qt::QueuedConnection);
    connect(way.row, &OutletRow::goalWanted, this, [this, way] { askForGoal(way); });
    connect(way.row, &OutletRow::howChosen, this, [this, end = way.end](How how, double pulse) {
        if (end) press(*end, how, pulse);
    });
}

void OutletRows::addPicture(const Strand& strand, QVBoxLayout& column, QHBoxLayout& beside)
{
    const auto* stage = lastOf(strand);
    m_picture = stage ? OutletPicture::of(*stage, this) : nullptr;
    if (!m_picture) return;
    if (m_picture->isAbove()) {
        column.addWidget(m_picture);
    } else {
        beside.addWidget(
            m_picture, 0,
            m_picture->maximumHeight() < QWIDGETSIZE_MAX ? Qt::AlignVCenter : Qt::Alignment());
    }
    connect(
        m_picture, &OutletPicture::clicked, this,
        [this](std::size_t outlet) {
            const auto way = std::ranges::find(m_ways, outlet, &Way::outlet);
            if (way != m_ways.end()) m_choice.choose(placeOf(*way));
        },
        Qt::QueuedConnection);
    connect(m_picture, &OutletPicture::dragged, this, &OutletRows::dragTime);
}

OutletPlace OutletRows::placeOf(const Way& way) const
{
    return {m_strand, m_outlets[way.outlet], way.end};
}

/// What leads nowhere yet is led at one touch.
void OutletRows::askForGoal(const Way& way)
{
    if (!way.end) return m_choice.leadToNextFree(placeOf(way));
    auto* menu = new GoalMenu(
        m_weaver, m_choice, placeOf(way), [this, way] { askForKeys(way); }, this);
    menu->setAttribute(Qt::WA_DeleteOnClose);
    menu->popup(way.row->menuPlace());
}

/// A field that listens, below the row.
void OutletRows::askForKeys(const Way& way)
{
    auto* field = new ChordField(m_weaver.selection(), m_weaver.edits().messages(), this);
    m_column->insertWidget(m_column->indexOf(way.row) + 1, field);
    connect(field, &ChordField::givenUp, field, &QObject::deleteLater);
    connect(
        field, &ChordField::recorded, this,
        [this, field, place = placeOf(way)](const std::vector<std::uint16_t>& keys) {
            field->deleteLater();
            m_choice.leadToKeys(place, keys);
        },
        Qt::QueuedConnection);
    field->listen();
}

void OutletRows::showChoice()
{
    for (const auto& way : m_ways) way.row->setChosen(m_choice.row() == placeOf(way));
}

void OutletRows::resizeEvent(QResizeEvent*)
{
    alignPicture();
}

bool OutletRows::event(QEvent* event)
{
    const bool isDone = QWidget::event(event);
    if (event->type() == QEvent::LayoutRequest) alignPicture();
    return isDone;
}

/// The picture beside the rows has each outlet at the height of its first row.
void OutletRows::alignPicture()
{
    if (!m_picture) return;
    std::vector<int> places;
    for (std::size_t outlet = 0; outlet < m_outlets.size(); ++outlet) {
        const auto way = std::ranges::find(m_ways, outlet, &Way::outlet);
        if (way != m_ways.end())
            places.push_back(way->row->geometry().center().y() - m_picture->y());
    }
    m_picture->setRows(places);
}

/// What is dragged in the picture; one drag is one step.
void OutletRows::dragTime(const QString& key, double value, Gesture drag)
{
    m_weaver.edits().apply(
        {tr("drag a time"), m_strand, drag}, [&](Tangle& tangle, const Strand& strand) {
            const auto* last = lastOf(strand);
            if (!last) return;
            auto parameters = last->parameters;
            withField<double>(parameters, key.toStdString(), [&](double& v) { v = value; });
            setStage(tangle, m_strand, static_cast<std::size_t>(last - strand.stages.data()),
                     parameters);
        });
}

std::vector<OutletRows::Way> OutletRows::waysOf(const Strand& strand) const
{
    std::vector<Way> ways;
    const auto outlets = outletsOf(strand);
    const auto kind = signalsOf(m_weaver.edits().tangle(), strand).back().kind;
    if (outlets.size() == 1 && kind != ControlKind::Button) return ways;
    for (std::size_t outlet = 0; outlet < outlets.size(); ++outlet) {
        const auto count = ways.size();
        for (std::size_t end = 0; end < strand.ends.size(); ++end) {
            const auto& name = strand.ends[end].outlet;
            if (name == outlets[outlet] || (name.empty() && outlet == 0))
                ways.push_back({outlet, end});
        }
        if (ways.size() == count) ways.push_back({outlet});
    }
    return ways;
}

bool OutletRows::fits(const Strand& strand) const
{
    const auto isSame = [](const Way& a, const Way& b) {
        return a.outlet == b.outlet && a.end == b.end;
    };
    return outletsOf(strand) == m_outlets && std::ranges::equal(waysOf(strand), m_ways, isSame);
}

void OutletRows::show(const Strand& strand)
{
    m_strand = strand.id;
    for (const auto& way : m_ways) way.row->show(wordsOf(strand, way));
    const auto* stage = lastOf(strand);
    if (m_picture && stage) m_picture->setStage(*stage);
    showChoice();
}

OutletRow::Words OutletRows::wordsOf(const Strand& strand, const Way& way) const
{
    if (!way.end) return {};
    const auto& end = strand.ends[*way.end];
    OutletRow::Words words{.goal = goalText(m_weaver.edits().tangle(), end.goal)};
    const auto* target = targetOf(end);
    const auto* device = target ? findDevice(m_weaver.edits().tangle(), target->device) : nullptr;
    if (device)
        words.function = toQt(
            functionName(m_weaver.edits().tangle(), settingsOf(*device, target->control).function));
    const bool isPress =
        target ? target->control.kind == ControlKind::Button : keysOf(end) != nullptr;
    if (isPress) {
        words.how = end.how;
        words.pulse = end.pulse;
    }
    return words;
}

void OutletRows::showValues(std::span<const Value> values)
{
    for (const auto& way : m_ways)
        way.row->setPressed(way.outlet < values.size() && values[way.outlet].isPressed());
    if (!m_picture) return;
    std::vector<bool> pressed;
    for (const auto& value : values) pressed.push_back(value.isPressed());
    m_picture->setPressed(pressed);
}

int OutletRows::placeOf(const std::string& outlet) const
{
    const auto isIts = [&](const Way& way) {
        return m_outlets[way.outlet] == outlet || (outlet.empty() && way.outlet == 0);
    };
    const auto way = std::ranges::find_if(m_ways, isIts);
    return way == m_ways.end() ? -1 : way->row->geometry().center().y();
}

void OutletRows::press(std::size_t end, How how, double pulse)
{
    if (std::exchange(m_pulsing, end) != end) m_pulse = Gesture::begin();
    m_weaver.edits().apply({tr("held or pulse"), m_strand, m_pulse}, [&](Strand& strand) {
        if (end >= strand.ends.size()) return;
        strand.ends[end].how = how;
        strand.ends[end].pulse = pulse;
    });
    const auto* strand = findStrand(m_weaver.edits().tangle(), m_strand);
    if (strand && end < strand->ends.size())
        m_weaver.edits().messages().say(
            toQt(explainNow(m_weaver.edits().tangle(), *strand, strand->ends[end])));
}

}  // namespace jolly::app
