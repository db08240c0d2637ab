// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/shape/counter_walk.h"
#include "app/style/qt_text.h"

#include "app/style/theme.h"
#include "core/tangle/feel.h"
#include "core/tangle/lookup.h"
#include "core/tangle/stage_edit.h"
#include "core/tangle/stage_effect.h"

#include <QGridLayout>
#include <QLabel>
#include <QPushButton>
#include <array>
#include <cmath>

namespace jolly::app
{

namespace
{

/// What the sim shows at each step.
struct Step {
    double answer;
    const char* words;
};

constexpr std::array<Step, 5> kSteps = {{
    {0.01, QT_TRANSLATE_NOOP("jolly::app::CounterWalk", "just begins to react")},
    {0.25, QT_TRANSLATE_NOOP("jolly::app::CounterWalk", "shows a quarter")},
    {0.5, QT_TRANSLATE_NOOP("jolly::app::CounterWalk", "shows a half")},
    {0.75, QT_TRANSLATE_NOOP("jolly::app::CounterWalk", "shows three quarters")},
    {1.0, QT_TRANSLATE_NOOP("jolly::app::CounterWalk", "shows all of it")},
}};

}  // namespace

CounterWalk::CounterWalk(Edits& edits, Flown& flown, const std::string& strand, QWidget* parent)
    : Card(parent), m_edits(edits), m_flown(flown), m_strand(strand)
{
    setObjectName(QStringLiteral("counter walk"));
    setMarked(true);
    build();
    auto straight = edits.tangle();
    if (auto* measured = findStrand(straight, strand)) giveFeel(*measured, {});
    flown.setTrial(std::move(straight));
    ask();
}

CounterWalk::~CounterWalk()
{
    m_flown.setTrial(std::nullopt);
}

void CounterWalk::build()
{
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(14, 12, 14, 12);
    m_title = new QLabel(this);
    m_title->setFont(textFont(TextSize::Normal, true));
    setTone(*m_title, "title");
    m_question = new QLabel(this);
    m_question->setObjectName(QStringLiteral("question"));
    m_question->setWordWrap(true);
    m_now = new ValueLabel(this);
    m_now->setColour(&Palette::straw);
    m_measured = new QLabel(this);
    m_measured->setObjectName(QStringLiteral("measured"));
    m_measured->setWordWrap(true);
    setTone(*m_measured, "dim");
    for (QWidget* widget : {static_cast<QWidget*>(m_title), static_cast<QWidget*>(m_question),
                            static_cast<QWidget*>(m_now), static_cast<QWidget*>(m_measured)})
        column->addWidget(widget);
    auto* grid = new QGridLayout;
    const auto add = [&](const QString& words, const char* name,
                         const std::function<void()>& deed) {
        auto* button = new QPushButton(words, this);
        button->setObjectName(QLatin1String(name));
        connect(button, &QPushButton::clicked, this, deed, Qt::QueuedConnection);
        grid->addWidget(button, grid->count() / 2, grid->count() % 2);
        return button;
    };
    m_here = add(tr("It does now"), "here", [this] { take(); });
    m_back = add(tr("The last one once more"), "back", [this] { back(); });
    add(tr("Type pairs instead"), "type pairs", [this] { typeInstead(); });
    add(tr("Give up"), "give up", [this] { Q_EMIT done(); });
    column->addLayout(grid);
}

void CounterWalk::ask()
{
    const auto* strand = findStrand(m_edits.tangle(), m_strand);
    const auto name = toQt(strand ? strand->name : std::string());
    const auto step = m_points.size();
    m_title->setText(tr("Undo a sim's bend · %1 of %2").arg(step + 1).arg(kSteps.size()));
    m_question->setText(
        tr("Move %1 away from rest until the sim %2, hold it there and press the button. The axis "
           "goes to the sim straight meanwhile.")
            .arg(name, tr(kSteps[step].words)));
    QStringList pairs;
    for (const auto& point : m_points)
        pairs << tr("%L1 % for %L2 %")
                     .arg(point.in * 100.0, 0, 'f', 1)
                     .arg(point.out * 100.0, 0, 'f', 0);
    m_measured->setText(pairs.isEmpty() ? QString() : tr("So far: %1").arg(pairs.join(", ")));
    m_back->setEnabled(!m_points.empty());
    m_here->setFocus();
}

void CounterWalk::showSent(double sent)
{
    m_sent = sent;
    m_now->setText(tr("sent now: %1").arg(percentText(sent, true)));
}

void CounterWalk::take()
{
    const double sent = std::abs(m_sent);  // both sides are bent alike
    const double before = m_points.empty() ? 0.0 : m_points.back().in;
    if (sent <= before) {
        m_edits.messages().refuse(
            m_points.empty()
                ? tr("The axis is at rest; move it until the sim %1.").arg(tr(kSteps[0].words))
                : tr("That is not further than the step before, at %L1 %. Move on, or go back and "
                     "do that one once more.")
                      .arg(before * 100.0, 0, 'f', 1));
        return;
    }
    m_points.push_back({sent, kSteps[m_points.size()].answer});
    if (m_points.size() < kSteps.size()) return ask();
    finish();
}

void CounterWalk::back()
{
    if (!m_points.empty()) m_points.pop_back();
    ask();
}

void CounterWalk::finish()
{
    auto points = m_points;
    points.insert(points.begin(), {0.0, 0.0});
    put(points);
}

void CounterWalk::typeInstead()
{
    put(CounterCurve{}.points);
}

/// The counter-curve is the last of the axis' stages: it undoes what comes after them all.
void CounterWalk::put(const CurvePoints& points)
{
    m_flown.setTrial(std::nullopt);
    m_edits.apply({tr("undo a sim's bend"), m_strand}, [&](Tangle& tangle, Strand& strand) {
        std::erase_if(strand.stages,
                      [](const Stage& stage) { return undoesSim(stage.parameters); });
        addStage(tangle, m_strand, CounterCurve{points, true, true});
    });
    m_edits.messages().say(
        tr("The bend is undone by a counter-curve, last of the stages; its pairs can be "
           "changed there."));
    Q_EMIT done();
}

}  // namespace jolly::app
