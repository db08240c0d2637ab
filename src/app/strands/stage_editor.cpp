// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/strands/stage_editor.h"
#include "app/style/elided_label.h"
#include "app/style/qt_text.h"

#include "app/style/quiet_fields.h"

#include "app/listen/listen_field.h"
#include "app/strands/curve_plot.h"
#include "app/strands/detents_table.h"
#include "app/strands/pairs_table.h"
#include "app/strands/places_table.h"
#include "app/strands/slice_editor.h"
#include "app/strands/stage_values.h"
#include "app/strands/stage_words.h"
#include "app/style/theme.h"
#include "app/style/wrap_layout.h"
#include "core/tangle/edit.h"
#include "core/tangle/lookup.h"
#include "core/tangle/stage_edit.h"
#include "core/tangle/stage_shape.h"

#include <QComboBox>
#include <QDoubleSpinBox>
#include <QGridLayout>
#include <QLabel>
#include <QPushButton>
#include <QSignalBlocker>
#include <QSlider>
#include <cmath>

namespace jolly::app
{

StageEditor::StageEditor(Edits& edits, Selection& selection, const std::string& strand,
                         std::size_t stage, StageInput input, Points points, QWidget* parent)
    : QWidget(parent),
      m_edits(edits),
      m_selection(selection),
      m_strand(strand),
      m_stage(stage),
      m_input(input)
{
    setObjectName(QStringLiteral("stage editor"));
    const auto* found = findStrand(edits.tangle(), strand);
    build(found->stages[stage], points);
    refresh(found->stages[stage]);
}

void StageEditor::build(const Stage& stage, Points points)
{
    m_name = toQt(infoOf(stage.parameters).name);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 4, 0, 0);
    if (points == Points::Plot) {
        auto* sentence = new QLabel(sentenceOf(stage), this);
        sentence->setWordWrap(true);
        setTone(*sentence, "dim");
        column->addWidget(sentence);
    }
    auto* grid = new QGridLayout;
    grid->setHorizontalSpacing(points == Points::Numbers ? 10 : 18);
    grid->setVerticalSpacing(4);
    auto* rows = new QGridLayout;
    rows->setColumnStretch(1, 1);
    auto* flags = new WrapLayout(6);
    auto* lists = new QVBoxLayout;
    auto copy = stage.parameters;
    std::visit(
        [&](auto& p) {
            p.fields(p, [&](const auto& spec, auto&) {
                using Spec = std::decay_t<decltype(spec)>;
                if constexpr (std::is_same_v<Spec, AmountField>) {
                    if (m_input.sides == Sides::Two || !spec.isOfLowerSide)
                        addAmount(*grid, spec, points == Points::Numbers);
                }
                if constexpr (std::is_same_v<Spec, FlagField>) addFlag(*flags, spec);
                if constexpr (std::is_same_v<Spec, NumberField>) addNumber(*rows, spec);
                if constexpr (std::is_same_v<Spec, ChoiceField>) addChoice(*flags, spec);
                if constexpr (std::is_same_v<Spec, ControlField>) addControl(*rows, spec);
                if constexpr (std::is_same_v<Spec, PointsField>) addPoints(*lists, spec, points);
                if constexpr (std::is_same_v<Spec, DetentsField>) addDetents(*lists);
                if constexpr (std::is_same_v<Spec, SlicesField>) addSlices(*lists);
                if constexpr (std::is_same_v<Spec, PlacesField>) addPlaces(*lists, stage);
            });
        },
        copy);
    column->addLayout(lists);
    column->addLayout(rows);
    column->addLayout(grid);
    flags->addStretch();
    column->addLayout(flags);
}

void StageEditor::set(const QString& what, Gesture gesture,
                      const std::function<void(Stage&)>& change)
{
    m_edits.apply({what, m_strand, gesture}, [&](Tangle& tangle, const Strand& strand) {
        if (m_stage >= strand.stages.size()) return;
        auto stage = strand.stages[m_stage];
        change(stage);
        setStage(tangle, m_strand, m_stage, stage.parameters);
    });
}

/// Two side by side with the sliders below, or, where there is little room, each in one line.
void StageEditor::addAmount(QGridLayout& grid, const AmountField& field, bool isCompact)
{
    const int place = grid.count() / 3;
    const int row = isCompact ? place : (place / 2) * 2;
    const int column = isCompact ? 0 : (place % 2) * 2;
    auto* label = new ElidedLabel(toQt(field.label), this);
    setTone(*label, "dim");
    auto* exact = new QDoubleSpinBox(this);
    exact->setObjectName(toQt(field.key));
    exact->setAccessibleName(toQt(field.label));
    exact->setRange(field.low * 100.0, field.high * 100.0);
    exact->setDecimals(1);
    exact->setSuffix(QStringLiteral(" %"));
    exact->setFixedWidth(72);
    auto* slider = new QSlider(Qt::Horizontal, this);
    slider->setObjectName(toQt(field.key) + QStringLiteral(" slider"));
    slider->setAccessibleName(toQt(field.label));
    slider->setRange(static_cast<int>(field.low * 1000), static_cast<int>(field.high * 1000));
    grid.addWidget(label, row, column);
    if (isCompact) {
        slider->setMinimumWidth(60);
        grid.addWidget(slider, row, 1);
        grid.addWidget(exact, row, 2);
    } else {
        grid.addWidget(exact, row, column + 1, Qt::AlignRight);
        grid.addWidget(slider, row + 1, column, 1, 2);
    }
    const auto key = std::string(field.key);
    const auto name = toQt(field.label);
    const auto change = [this, key, name](double amount, Gesture gesture) {
        set(tr("%1 %2").arg(m_name, name), gesture, [&](Stage& stage) {
            withField<double>(stage.parameters, key, [&](double& v) { v = amount; });
        });
    };
    connect(exact, &QDoubleSpinBox::valueChanged, this,
            [change](double percent) { change(percent / 100.0, {}); });
    const auto gesture = std::make_shared<Gesture>(Gesture::begin());
    connect(slider, &QSlider::sliderPressed, this, [gesture] { *gesture = Gesture::begin(); });
    connect(slider, &QSlider::valueChanged, this,
            [change, gesture](int thousandths) { change(thousandths / 1000.0, *gesture); });
    m_refreshers.push_back([exact, slider, key](const Stage& stage) {
        const QSignalBlocker quietExact(exact);
        const QSignalBlocker quietSlider(slider);
        const double amount = fieldOf<double>(stage, key);
        if (!isBeingTyped(*exact)) exact->setValue(amount * 100.0);
        slider->setValue(static_cast<int>(std::lround(amount * 1000)));
    });
}

void StageEditor::addNumber(QGridLayout& grid, const NumberField& field)
{
    const int row = grid.rowCount();
    auto* label = new ElidedLabel(toQt(field.label), this);
    setTone(*label, "dim");
    auto* exact = new QDoubleSpinBox(this);
    exact->setObjectName(toQt(field.key));
    exact->setAccessibleName(toQt(field.label));
    exact->setRange(field.low, field.high);
    exact->setDecimals(field.decimals);
    exact->setSuffix(QStringLiteral(" ") + toQt(field.unit));
    grid.addWidget(label, row, 0);
    grid.addWidget(exact, row, 1, Qt::AlignRight);
    const auto key = std::string(field.key);
    const auto name = toQt(field.label);
    connect(exact, &QDoubleSpinBox::valueChanged, this, [this, key, name](double number) {
        set(tr("%1 %2").arg(m_name, name), {}, [&](Stage& stage) {
            withField<double>(stage.parameters, key, [&](double& v) { v = number; });
        });
    });
    m_refreshers.push_back([exact, key](const Stage& stage) {
        const QSignalBlocker quiet(exact);
        if (!isBeingTyped(*exact)) exact->setValue(fieldOf<double>(stage, key));
    });
}

void StageEditor::addChoice(QLayout& row, const ChoiceField& field)
{
    auto* choice = new QComboBox(this);
    choice->setObjectName(toQt(field.key));
    choice->setAccessibleName(toQt(field.label));
    for (const auto& way : field.ways) choice->addItem(toQt(way));
    choice->setMinimumWidth(96);  // the chosen way may be cut, the list shows it whole
    row.addWidget(choice);
    const auto key = std::string(field.key);
    const auto name = toQt(field.label);
    connect(choice, &QComboBox::activated, this, [this, key, name](int way) {
        set(tr("%1 %2").arg(m_name, name), {}, [&](Stage& stage) {
            withChoice(stage.parameters, key, [way](auto& value) {
                value = static_cast<std::decay_t<decltype(value)>>(way);
            });
        });
    });
    m_refreshers.push_back([choice, key](const Stage& stage) {
        auto copy = stage.parameters;
        withChoice(copy, key,
                   [choice](auto& value) { choice->setCurrentIndex(static_cast<int>(value)); });
    });
}

void StageEditor::addFlag(QLayout& row, const FlagField& field)
{
    auto* chip = new QPushButton(toQt(field.label), this);
    chip->setObjectName(toQt(field.key));
    chip->setCheckable(true);
    row.addWidget(chip);
    const auto key = std::string(field.key);
    connect(chip, &QPushButton::clicked, this, [this, key](bool isOn) {
        set(toQt(key), {}, [&](Stage& stage) {
            withField<bool>(stage.parameters, key, [&](bool& v) { v = isOn; });
            if (key == "mirrored") mirror(stage.parameters, m_input.sides);
        });
    });
    m_refreshers.push_back(
        [chip, key](const Stage& stage) { chip->setChecked(fieldOf<bool>(stage, key)); });
}

void StageEditor::addControl(QGridLayout& grid, const ControlField& field)
{
    const int row = grid.rowCount();
    auto* label = new ElidedLabel(toQt(field.label), this);
    setTone(*label, "dim");
    const auto kind = field.kind;
    auto* listen = new ListenField(
        m_selection, m_edits.messages(),
        [kind](const DeskController& c, const RigControl& control) {
            return c.isKnown && control.kind == kind;
        },
        this);
    listen->setObjectName(toQt(field.key));
    grid.addWidget(label, row, 0);
    grid.addWidget(listen, row, 1);
    const auto key = std::string(field.key);
    const auto name = toQt(field.label);
    const auto change = [this, key, name](const std::optional<Source>& source) {
        set(tr("%1 %2").arg(m_name, name), {}, [&](Stage& stage) {
            withField<std::optional<Source>>(stage.parameters, key,
                                             [&](std::optional<Source>& v) { v = source; });
        });
    };
    connect(listen, &ListenField::chosen, this, [change](const Source& ref) { change(ref); });
    QPushButton* none = nullptr;
    if (field.mayBeNone) {
        none = new QPushButton(tr("none"), this);
        none->setObjectName(toQt(field.key) + QStringLiteral(" none"));
        none->setAccessibleName(tr("%1: none").arg(name));
        grid.addWidget(none, row, 2);
        connect(none, &QPushButton::clicked, this, [change] { change(std::nullopt); });
    }
    m_refreshers.push_back([this, listen, none, key](const Stage& stage) {
        const auto source = fieldOf<std::optional<Source>>(stage, key);
        listen->setText(source ? m_selection.feed().nameOf({source->controller, source->control})
                               : tr("—"));
        if (none) none->setEnabled(source.has_value());
    });
}

void StageEditor::addPoints(QVBoxLayout& column, const PointsField& field, Points points)
{
    if (field.isDrawn && points == Points::Plot) return addCurve(column);
    addPairs(column, field);
}

void StageEditor::addPairs(QVBoxLayout& column, const PointsField& field)
{
    auto* table = new PairsTable(toQt(field.inWords), toQt(field.outWords), this);
    column.addWidget(table);
    connect(table, &PairsTable::changed, this, [this](const CurvePoints& points) {
        set(tr("%1 point").arg(m_name), {}, [&](Stage& stage) {
            withField<CurvePoints>(stage.parameters, "points",
                                   [&](CurvePoints& mine) { mine = points; });
        });
    });
    m_refreshers.push_back([table](const Stage& stage) {
        table->show(fieldOf<CurvePoints>(stage, "points"), fieldOf<bool>(stage, "mirrored"));
    });
}

void StageEditor::addDetents(QVBoxLayout& column)
{
    m_detents = new DetentsTable(m_input.low(), this);
    column.addWidget(m_detents);
    connect(m_detents, &DetentsTable::changed, this, [this](const DetentList& detents) {
        set(tr("notches"), {}, [&](Stage& stage) {
            withField<DetentList>(stage.parameters, "detents",
                                  [&](DetentList& mine) { mine = detents; });
        });
    });
    connect(m_detents, &DetentsTable::refused, &m_edits.messages(), &Messages::refuse);
    m_refreshers.push_back(
        [this](const Stage& stage) { m_detents->show(fieldOf<DetentList>(stage, "detents")); });
}

void StageEditor::addSlices(QVBoxLayout& column)
{
    const auto* strand = findStrand(m_edits.tangle(), m_strand);
    const auto* source = strand ? findControl(m_edits.tangle(), strand->source) : nullptr;
    m_slices = new SliceEditor(m_input.low(), source ? heldBeyond(*source) : kLeastHeld, this);
    column.addWidget(m_slices);
    connect(m_slices, &SliceEditor::changed, this,
            [this](const SliceParts& slices, Gesture gesture) {
                set(tr("slices"), gesture, [&](Stage& stage) {
                    withField<SliceParts>(stage.parameters, "slices",
                                          [&](SliceParts& mine) { mine = slices; });
                });
            });
    m_refreshers.push_back(
        [this](const Stage& stage) { m_slices->show(fieldOf<SliceParts>(stage, "slices")); });
}

/// Positions with values or without.
void StageEditor::addPlaces(QVBoxLayout& column, const Stage& stage)
{
    auto copy = stage.parameters;
    bool haveValues = false;
    withField<ValuePlaces>(copy, "positions", [&](const ValuePlaces&) { haveValues = true; });
    const double low = signalAfter(stage.parameters, {ControlKind::Button, Sides::Two}).low();
    auto* table = new PlacesTable(m_selection, m_edits.messages(),
                                  haveValues ? std::optional(low) : std::nullopt, this);
    column.addWidget(table);
    connect(table, &PlacesTable::changed, this, [this](const ValuePlaces& places) {
        set(tr("positions"), {}, [&](Stage& mine) {
            withField<ValuePlaces>(mine.parameters, "positions",
                                   [&](ValuePlaces& theirs) { theirs = places; });
            withField<SwitchPlaces>(mine.parameters, "positions",
                                    [&](SwitchPlaces& theirs) { theirs = plain(places); });
        });
    });
    m_refreshers.push_back([table](const Stage& now) {
        auto places = fieldOf<ValuePlaces>(now, "positions");
        for (const auto& place : fieldOf<SwitchPlaces>(now, "positions"))
            places.push_back({place.name, place.control, 0.0});
        table->show(places);
    });
}

void StageEditor::addCurve(QVBoxLayout& column)
{
    m_curve = new CurvePlot(this);
    column.addWidget(m_curve);
    auto* words = new QLabel(this);
    words->setObjectName(QStringLiteral("point"));
    setTone(*words, "dim");
    column.addWidget(words);
    const auto tell = [this, words] {
        const auto& p = m_curve->points()[static_cast<std::size_t>(m_curve->chosen())];
        words->setText(tr("Point %1 of %2: in %L3 %, out %L4 %")
                           .arg(m_curve->chosen() + 1)
                           .arg(m_curve->points().size())
                           .arg(p.in * 100, 0, 'f', 1)
                           .arg(p.out * 100, 0, 'f', 1));
    };
    connect(m_curve, &CurvePlot::chosenChanged, this, tell);
    connect(m_curve, &CurvePlot::pointsChanged, this,
            [this](const CurvePoints& points, Gesture drag) {
                set(tr("curve point"), drag, [&](Stage& stage) {
                    withField<CurvePoints>(stage.parameters, "points",
                                           [&](CurvePoints& mine) { mine = points; });
                });
            });
    m_refreshers.push_back([this, tell](const Stage& stage) {
        m_curve->setCurve(stage, fieldOf<CurvePoints>(stage, "points"),
                          fieldOf<bool>(stage, "mirrored"), m_input);
        tell();
    });
}

void StageEditor::refresh(const Stage& stage)
{
    for (const auto& refresher : m_refreshers) refresher(stage);
}

void StageEditor::setDot(double in, double out)
{
    if (m_curve) m_curve->setDot(in, out);
    if (m_detents) m_detents->setPlace(in);
    if (m_slices) m_slices->setDot(in);
}

}  // namespace jolly::app
