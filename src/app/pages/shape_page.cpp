// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/pages/shape_page.h"
#include "app/style/qt_text.h"

#include "app/shape/axis_list.h"
#include "app/models/axis_strand.h"
#include "app/shape/counter_walk.h"
#include "app/shape/feel_bar.h"
#include "app/shape/shape_words.h"
#include "app/shape/stage_facts.h"
#include "app/shape/stage_stack.h"
#include "app/shape/strip_chart.h"
#include "app/shape/under_curves.h"
#include "app/shape/wheel_field.h"
#include "app/strands/origin_bar.h"
#include "app/strands/stage_words.h"
#include "app/style/value_text.h"
#include "core/calibration/notch.h"
#include "core/shaping/curve_points.h"
#include "core/tangle/feel.h"
#include "core/tangle/lookup.h"
#include "core/tangle/roles.h"
#include "core/tangle/signals.h"
#include "core/tangle/stage_edit.h"
#include "core/tangle/stage_shape.h"

#include <QLabel>
#include <QPushButton>
#include <QVBoxLayout>
#include <algorithm>

namespace jolly::app
{

namespace
{

constexpr Time kTrail = std::chrono::milliseconds(700);
constexpr std::size_t kMostTrail = 48;

std::vector<CurvePoint> trailOf(const std::deque<TraceSample>& samples)
{
    std::vector<CurvePoint> trail;
    if (samples.empty()) return trail;
    auto first = samples.size() - 1;
    while (first > 0 && samples.back().time - samples[first - 1].time < kTrail) --first;
    const auto count = samples.size() - first;
    const auto step = std::max<std::size_t>(1, count / kMostTrail);
    for (auto i = first; i < samples.size(); i += step)
        trail.push_back({samples[i].in, samples[i].out});
    const CurvePoint last{samples.back().in, samples.back().out};
    if (trail.back() != last) trail.push_back(last);
    return trail;
}

}  // namespace

const Strand* ShapePage::shown() const
{
    const auto* strand = findStrand(m_studio.tangle(), m_strand);
    const bool isOurs = strand && m_studio.stance().isOurs(*strand);
    return isOurs && isAxisStrand(m_studio.tangle(), *strand) ? strand : nullptr;
}

const RigControl* ShapePage::axis() const
{
    const auto* strand = shown();
    return strand ? axisOf(m_studio.tangle(), *strand) : nullptr;
}

void ShapePage::wirePlot()
{
    connect(m_plot, &ShapePlot::handleMoved, this,
            [this](std::size_t stage, std::size_t part, CurvePoint to, Gesture drag) {
                edit(m_plot->handleName(m_plot->chosen()), stage, drag,
                     [&](Stage& s, const StageInput& input) {
                         moveHandle(s.parameters, part, to, input);
                     });
            });
    connect(m_plot, &ShapePlot::pointWanted, this, [this](std::size_t stage, CurvePoint at) {
        edit(tr("add curve point"), stage, {}, [&](Stage& s, const StageInput&) {
            if (!addPoint(s.parameters, at))
                m_studio.messages().refuse(tr("There is no room for another point here."));
        });
    });
    connect(m_plot, &ShapePlot::curveWanted, this, &ShapePage::addCurve);
    connect(m_plot, &ShapePlot::removalWanted, this, [this](std::size_t stage, std::size_t part) {
        edit(tr("remove curve point"), stage, {}, [&](Stage& s, const StageInput&) {
            if (!removePoint(s.parameters, part))
                m_studio.messages().refuse(
                    tr("A curve needs two points, and a mirrored one its rest."));
        });
    });
    connect(m_plot, &ShapePlot::chosenChanged, this, [this] {
        const auto name = m_plot->handleName(m_plot->chosen());
        m_handle->setText(name.isEmpty() ? QString() : tr("arrows move: %1").arg(name));
        m_handle->setVisible(!name.isEmpty());
        m_stack->mark(m_plot->stageOfHandle(m_plot->chosen()));
    });
}

void ShapePage::edit(const QString& step, std::size_t stage, Gesture drag,
                     const std::function<void(Stage&, const StageInput&)>& change)
{
    m_studio.edits().apply({step, m_strand, drag}, [&](Tangle& tangle, Strand& strand) {
        if (stage >= strand.stages.size()) return;
        const auto signals = signalsOf(tangle, strand);
        change(strand.stages[stage], {signals[stage], {}});
    });
}

/// The first point that is wanted makes a curve, last of the stages: what comes out of the others
/// there is what goes into it.
void ShapePage::addCurve(CurvePoint at)
{
    auto chain = m_trace.rehearsal().chain();
    const bool isTwoSided = m_trace.rehearsal().outSides() == Sides::Two;
    Curve curve{.points = {{0.0, 0.0}, {1.0, 1.0}}, .isMirrored = isTwoSided};
    if (!addPoint(curve.points, curve.isMirrored, {chain.through(at.in), at.out}))
        return m_studio.messages().refuse(tr("There is no room for a curve point here."));
    m_studio.edits().apply({tr("add curve")},
                           [&](Tangle& tangle) { addStage(tangle, m_strand, curve); });
}

void ShapePage::choose(const std::string& id)
{
    if (id == m_strand) return;
    endWalk();
    m_strand = id;
    rememberOld();
    rebuild();
}

void ShapePage::followSelection()
{
    const auto& selected = m_studio.selection().selected();
    if (selected) {
        const Source source{selected->controller, selected->control};
        const auto* now = shown();
        const auto strands = m_studio.stance().strandsFrom(*selected);
        const auto found = std::ranges::find_if(
            strands, [this](const Strand* s) { return isAxisStrand(m_studio.tangle(), *s); });
        const bool isAlready = now && now->source == source;
        if (!isAlready && found != strands.end()) choose((*found)->id);
    }
    showMeasured();
}

void ShapePage::rememberOld()
{
    m_shown.reset();
    const auto* strand = shown();
    m_chosen = strand ? strand->stages : std::vector<Stage>{};
}

/// What it was when it was saved last; of a strand that never was, what it was when it was chosen.
const std::vector<Stage>& ShapePage::oldStages() const
{
    const auto& document = m_studio.document();
    const auto* now = shown();
    const auto* saved = document.savedStrand(m_strand);
    if (!saved && now && !now->insteadOf.empty()) saved = document.savedStrand(now->insteadOf);
    return saved ? saved->stages : m_chosen;
}

/// Much is told that changes nothing here; it is noted what is shown now.
bool ShapePage::isShownAlready()
{
    Shown now{m_studio.document().shared(),    m_studio.flown().shared(),
              m_studio.preflight().problems(), m_strand,
              slotsOf(m_studio.feed().desk()), m_studio.stance().footing(),
              m_studio.session().isLive()};
    if (m_shown == now) return true;
    m_shown = std::move(now);
    return false;
}

void ShapePage::rebuild()
{
    m_strand = m_studio.stance().ownOf(m_strand);
    const auto& flown = m_studio.flown().tangle();
    if (isShownAlready()) return;
    m_list->rebuild();
    if (!shown()) {
        m_strand = m_list->first();
        rememberOld();
    }
    m_list->choose(m_strand);
    m_stack->show(m_strand);
    m_bar->show(m_strand);
    if (const auto* now = shown()) {
        m_origin->show(*now);
    } else {
        m_origin->hide();
    }
    const auto* strand = findStrand(flown, m_strand);
    m_try->setEnabled(strand && (m_try->isDown() || shown()->stages != oldStages()));
    if (!strand) {
        m_name->setText(tr("No axis yet"));
        for (auto* label : {m_way, m_notes, m_shared, m_under}) label->clear();
        for (auto* label : {m_slopes, m_step}) label->setText({});
        m_plot->setNothing(
            tr("Nothing leads from an axis yet. Weave one on the Weave page (Ctrl+2); its feel is "
               "made here."));
        return;
    }
    m_trace.follow(flown, m_strand);
    showShape(flown, *strand);
    showWords(flown, *strand);
    showUnder();
    showMeasured();
    showValues();
    showStrip();
}

void ShapePage::showShape(const Tangle& flown, const Strand& strand)
{
    m_name->setText(nameWithCraft(flown, strand));
    m_way->setText(wayOf(flown, strand));
    const auto sharers = sharersOf(flown, strand);
    QStringList names;
    for (const auto& name : sharers) names << toQt(name);
    m_shared->setText(names.isEmpty() ? whereOf(flown, strand)
                                      : tr("one shape with %1").arg(names.join(", ")));
    if (!m_trace.isThere()) return m_plot->setNothing(problemsOf(strand).join("\n\n"));
    const auto& rehearsal = m_trace.rehearsal();
    m_plot->setShape(strand, signalsOf(m_studio.tangle(), strand), rehearsal.chain());
    showEnds();
}

/// The ends of the travel in the pilot's words, its degrees and its notches.
void ShapePage::showEnds()
{
    const auto* from = axis();
    if (!from) return;
    m_plot->setDegrees(from->degrees);
    m_plot->setEnds(toQt(Sentence::ourWord(oppositeOf(from->more))),
                    toQt(Sentence::ourWord(from->more)));
    std::vector<NamedPlace> places;
    for (const auto& notch : from->notches)
        places.push_back({toQt(notch.name), valueWithNotches(from->calibration, from->notches,
                                                             notch.at, from->sides)});
    m_plot->setPlaces(std::move(places));
}

QStringList ShapePage::problemsOf(const Strand& strand) const
{
    const auto* mine = findStrand(m_studio.tangle(), strand.id);
    const auto path =
        "/strands/" + std::to_string(mine ? mine - m_studio.tangle().strands.data() : -1);
    QStringList sentences;
    for (const auto& problem : m_studio.preflight().problems()) {
        if (problem.path == path || problem.path.starts_with(path + "/"))
            sentences << toQt(oneAfterOther(problem.sentence, problem.cure));
    }
    return sentences;
}

/// What is wrong and what is noteworthy; of stages that cannot run the plot itself says why.
void ShapePage::showWords(const Tangle& flown, const Strand& strand)
{
    QStringList notes;
    if (m_trace.isThere()) {
        notes = problemsOf(strand);
        auto chain = m_trace.rehearsal().chain();
        const auto travel =
            measure(chain, m_trace.rehearsal().sides(), m_trace.rehearsal().outSides());
        for (const auto& note :
             feelNotes(flown, strand, travel, otherBends(m_studio.feed(), strand)))
            notes << toQt(note);
        showFacts(strand, travel);
    } else {
        m_slopes->setText({});
        m_step->setText({});
    }
    for (auto& note : notes) note.prepend(QStringLiteral("!  "));
    m_notes->setText(notes.join(QLatin1Char('\n')));
    m_notes->setVisible(!notes.isEmpty());
}

void ShapePage::showFacts(const Strand& strand, const Travel& travel)
{
    m_slopes->setText(slopeText(travel));
    m_step->setText(stepText(travel, *axis()));
    for (std::size_t i = 0; i < strand.stages.size(); ++i) {
        const int place = static_cast<int>(i);
        if (place != placeOfDrift(strand))
            m_stack->setFact(place, factOf(m_studio.edits(), strand, strand.stages[i].parameters));
    }
}

/// The old curve, what the sim makes of it, and those of other strands.
void ShapePage::showUnder()
{
    const auto* now = shown();
    auto curves = now ? underCurves(m_studio.tangle(), *now,
                                    m_try->isDown() ? now->stages : oldStages(), m_bar->compared())
                      : std::vector<UnderCurve>{};
    m_under->setText(legendOf(curves));
    m_under->setVisible(!curves.empty());
    m_plot->setUnder(std::move(curves));
}

/// What the rig's measurements say of this axis.
void ShapePage::showMeasured()
{
    const auto* from = axis();
    const auto* strand = shown();
    const bool isHere = m_watch.isWatching() && strand && m_studio.selection().selected() &&
                        strand->source == Source{m_studio.selection().selected()->controller,
                                                 m_studio.selection().selected()->control};
    if (!from || !isHere) {
        m_plot->setDwell({}, {});
        m_plot->setDrift({});
        return;
    }
    const auto& findings = m_watch.findings().findings;
    m_plot->setDwell(dwellOf(findings, m_watch.range(), *from), m_watch.span());
    const auto drift = m_walk ? Drift{} : driftOf(findings, *from);  // it has the hand hold still
    m_plot->setDrift(drift);
    m_stack->setFact(placeOfDrift(*strand), driftFact(m_studio.edits(), *strand, drift));
}

void ShapePage::showValues()
{
    if (!isVisible() || m_strand.empty()) return;
    const auto& samples = m_trace.samples();
    m_plot->setTrail(trailOf(samples));
    if (!m_trace.isThere() || samples.empty()) return;
    if (m_walk) m_walk->showSent(samples.back().out);
    m_stack->showInputs(m_trace.rehearsal());
    if (!m_stripSoon.isActive()) m_stripSoon.start();
}

void ShapePage::showStrip()
{
    if (!m_trace.isThere()) return;
    const auto& rehearsal = m_trace.rehearsal();
    m_strip->show(m_trace.samples(), m_studio.feed().now(), rehearsal.sides(),
                  rehearsal.outSides());
}

void ShapePage::walkCounterCurve()
{
    if (m_walk) return endWalk();
    m_walk = new CounterWalk(m_studio.edits(), m_studio.flown(), m_strand);
    m_right->insertWidget(2, m_walk);
    connect(m_walk, &CounterWalk::done, this, &ShapePage::endWalk, Qt::QueuedConnection);
    showValues();
}

void ShapePage::endWalk()
{
    if (!m_walk) return;
    m_walk->hide();
    delete m_walk.data();
    m_plot->setFocus(Qt::OtherFocusReason);
    rebuild();
}

void ShapePage::tryOld(bool isTrying)
{
    if (!isTrying) return m_studio.flown().setTrial(std::nullopt);
    auto trial = m_studio.tangle();
    auto* strand = findStrand(trial, m_strand);
    if (!strand) return;
    strand->stages = oldStages();
    keepShapes(m_studio.tangle(), trial);
    m_studio.flown().setTrial(std::move(trial));
}

void ShapePage::showEvent(QShowEvent*)
{
    m_trace.forget();
    m_shown.reset();
    followSelection();
    rebuild();
}

}  // namespace jolly::app
