// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/strands/stage_editor.h"

#include "app/strands/curve_plot.h"
#include "app/style/theme.h"
#include "core/tangle/lookup.h"

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

namespace
{

QString text(std::string_view s)
{
    return QString::fromUtf8(s.data(), static_cast<qsizetype>(s.size()));
}

/// Calls `use` with the member that `key` names, when it is a T.
template <class T, class Use>
void withField(StageParameters& parameters, std::string_view key, Use&& use)
{
    std::visit(
        [&](auto& p) {
            p.fields(p, [&](const auto& spec, auto& value) {
                if constexpr (std::is_same_v<std::decay_t<decltype(value)>, T>) {
                    if (spec.key == key) use(value);
                }
            });
        },
        parameters);
}

/// Calls `use` with the enumeration that `key` names.
template <class Use>
void withChoice(StageParameters& parameters, std::string_view key, Use&& use)
{
    std::visit(
        [&](auto& p) {
            p.fields(p, [&](const auto& spec, auto& value) {
                if constexpr (std::is_enum_v<std::decay_t<decltype(value)>>) {
                    if (spec.key == key) use(value);
                }
            });
        },
        parameters);
}

template <class T>
T fieldOf(const Stage& stage, std::string_view key)
{
    auto copy = stage.parameters;
    T result{};
    withField<T>(copy, key, [&](const T& value) { result = value; });
    return result;
}

}  // namespace

StageEditor::StageEditor(Studio& studio, const std::string& strand, std::size_t stage,
                         StageInput input, QWidget* parent)
    : QWidget(parent), m_studio(studio), m_strand(strand), m_stage(stage), m_input(input)
{
    setObjectName(QStringLiteral("stage editor"));
    const auto* found = findStrand(studio.tangle(), strand);
    build(found->stages[stage]);
    refresh(found->stages[stage]);
}

void StageEditor::build(const Stage& stage)
{
    m_name = text(infoOf(stage.parameters).name);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 4, 0, 0);
    auto* sentence = new QLabel(text(infoOf(stage.parameters).sentence), this);
    sentence->setWordWrap(true);
    setTone(*sentence, "dim");
    column->addWidget(sentence);
    auto* grid = new QGridLayout;
    grid->setHorizontalSpacing(18);
    grid->setVerticalSpacing(4);
    auto* flags = new QHBoxLayout;
    bool hasPoints = false;
    auto copy = stage.parameters;
    std::visit(
        [&](auto& p) {
            p.fields(p, [&](const auto& spec, auto&) {
                using Spec = std::decay_t<decltype(spec)>;
                if constexpr (std::is_same_v<Spec, AmountField>) addAmount(*grid, spec);
                if constexpr (std::is_same_v<Spec, FlagField>) addFlag(*flags, spec);
                if constexpr (std::is_same_v<Spec, NumberField>) addNumber(*grid, spec);
                if constexpr (std::is_same_v<Spec, ChoiceField>) addChoice(*flags, spec);
                if constexpr (std::is_same_v<Spec, PointsField>)
                    hasPoints = std::holds_alternative<Curve>(stage.parameters);
            });
        },
        copy);
    if (hasPoints) addCurve(*column);
    column->addLayout(grid);
    flags->addStretch();
    column->addLayout(flags);
}

void StageEditor::set(const QString& what, const QString& gesture,
                      const std::function<void(Stage&)>& change)
{
    m_studio.document().edit(
        what,
        [&](Tangle& tangle) {
            auto* strand = findStrand(tangle, m_strand);
            if (strand && m_stage < strand->stages.size()) change(strand->stages[m_stage]);
        },
        gesture);
}

void StageEditor::addAmount(QGridLayout& grid, const AmountField& field)
{
    const int place = grid.count() / 3;
    const int row = (place / 2) * 2;
    const int column = (place % 2) * 2;
    auto* label = new QLabel(text(field.label), this);
    setTone(*label, "dim");
    auto* exact = new QDoubleSpinBox(this);
    exact->setObjectName(text(field.key));
    exact->setAccessibleName(text(field.label));
    exact->setRange(field.low * 100.0, field.high * 100.0);
    exact->setDecimals(1);
    exact->setSuffix(QStringLiteral(" %"));
    exact->setFixedWidth(72);
    auto* slider = new QSlider(Qt::Horizontal, this);
    slider->setObjectName(text(field.key) + QStringLiteral(" slider"));
    slider->setAccessibleName(text(field.label));
    slider->setRange(static_cast<int>(field.low * 1000), static_cast<int>(field.high * 1000));
    grid.addWidget(label, row, column);
    grid.addWidget(exact, row, column + 1, Qt::AlignRight);
    grid.addWidget(slider, row + 1, column, 1, 2);
    const auto key = std::string(field.key);
    const auto name = text(field.label);
    const auto change = [this, key, name](double amount, const QString& gesture) {
        set(tr("%1 %2").arg(m_name, name), gesture, [&](Stage& stage) {
            withField<double>(stage.parameters, key, [&](double& v) { v = amount; });
        });
    };
    connect(exact, &QDoubleSpinBox::valueChanged, this,
            [change](double percent) { change(percent / 100.0, {}); });
    connect(slider, &QSlider::valueChanged, this, [change, key](int thousandths) {
        change(thousandths / 1000.0, QString::fromStdString(key));
    });
    m_refreshers.push_back([exact, slider, key](const Stage& stage) {
        const QSignalBlocker quietExact(exact);
        const QSignalBlocker quietSlider(slider);
        const double amount = fieldOf<double>(stage, key);
        exact->setValue(amount * 100.0);
        slider->setValue(static_cast<int>(std::lround(amount * 1000)));
    });
}

void StageEditor::addNumber(QGridLayout& grid, const NumberField& field)
{
    const int row = grid.rowCount();
    auto* label = new QLabel(text(field.label), this);
    setTone(*label, "dim");
    auto* exact = new QDoubleSpinBox(this);
    exact->setObjectName(text(field.key));
    exact->setAccessibleName(text(field.label));
    exact->setRange(field.low, field.high);
    exact->setDecimals(field.decimals);
    exact->setSuffix(QStringLiteral(" ") + text(field.unit));
    grid.addWidget(label, row, 0);
    grid.addWidget(exact, row, 1, Qt::AlignRight);
    const auto key = std::string(field.key);
    const auto name = text(field.label);
    connect(exact, &QDoubleSpinBox::valueChanged, this, [this, key, name](double number) {
        set(tr("%1 %2").arg(m_name, name), {}, [&](Stage& stage) {
            withField<double>(stage.parameters, key, [&](double& v) { v = number; });
        });
    });
    m_refreshers.push_back([exact, key](const Stage& stage) {
        const QSignalBlocker quiet(exact);
        exact->setValue(fieldOf<double>(stage, key));
    });
}

void StageEditor::addChoice(QHBoxLayout& row, const ChoiceField& field)
{
    auto* choice = new QComboBox(this);
    choice->setObjectName(text(field.key));
    choice->setAccessibleName(text(field.label));
    for (const auto& way : field.ways) choice->addItem(text(way));
    row.addWidget(choice);
    const auto key = std::string(field.key);
    const auto name = text(field.label);
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

void StageEditor::addFlag(QHBoxLayout& row, const FlagField& field)
{
    auto* chip = new QPushButton(text(field.label), this);
    chip->setObjectName(text(field.key));
    chip->setCheckable(true);
    row.addWidget(chip);
    const auto key = std::string(field.key);
    connect(chip, &QPushButton::clicked, this, [this, key](bool isOn) {
        set(QString::fromStdString(key), {}, [&](Stage& stage) {
            withField<bool>(stage.parameters, key, [&](bool& v) { v = isOn; });
            auto* curve = std::get_if<Curve>(&stage.parameters);
            if (curve && key == "mirrored") mirrorPoints(*curve, m_input.sides);
        });
    });
    m_refreshers.push_back(
        [chip, key](const Stage& stage) { chip->setChecked(fieldOf<bool>(stage, key)); });
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
        words->setText(tr("Point %1 of %2: in %3 %, out %4 %")
                           .arg(m_curve->chosen() + 1)
                           .arg(m_curve->points().size())
                           .arg(p.in * 100, 0, 'f', 1)
                           .arg(p.out * 100, 0, 'f', 1));
    };
    connect(m_curve, &CurvePlot::chosenChanged, this, tell);
    connect(m_curve, &CurvePlot::pointsChanged, this,
            [this](const CurvePoints& points, bool isGesture) {
                set(tr("curve point"), isGesture ? QStringLiteral("curve drag") : QString(),
                    [&](Stage& stage) { std::get<Curve>(stage.parameters).points = points; });
            });
    m_refreshers.push_back([this, tell](const Stage& stage) {
        m_curve->setCurve(stage, m_input);
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
}

}  // namespace jolly::app
