// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/models/studio.h"

#include "control/preflight.h"
#include "core/tangle/device_edit.h"
#include "core/tangle/edit.h"
#include "core/tangle/lookup.h"
#include "core/weave/explain.h"
#include "core/weave/remedies.h"
#include "format/tangle_text.h"

namespace jolly::app
{

Studio::Studio(Document& document, EngineSession& session, QObject* parent)
    : Messages(parent), m_document(document), m_session(session), m_stance(document, session)
{
    connect(&m_stance, &Stance::footingChanged, this, &Studio::deskChanged);
    connect(&m_stance, &Stance::refused, this, &Studio::refuse);
    connect(&document, &Document::changed, this, &Studio::sendTangle);
    connect(&session, &EngineSession::attached, this, &Studio::meetEngine);
    connect(&session, &EngineSession::statusChanged, this, &Studio::endFlight);
    connect(&session, &EngineSession::statusChanged, this, &Studio::rebuild);
    connect(&session, &EngineSession::valuesChanged, this, &Studio::lookAtValues);
    connect(&session, &EngineSession::failed, this, &Studio::refuse);
    watchEngine();
    rebuild();
}

/// What becomes of the engine while nobody asks for it.
void Studio::watchEngine()
{
    const auto id = QStringLiteral("engine");
    const Notice::Way again{tr("Try again"), [this] { m_session.begin(); }};
    connect(&m_session, &EngineSession::attached, this, [this, id] { hide(id); });
    connect(&m_session, &EngineSession::answered, this, [this, id] { hide(id); });
    connect(&m_session, &EngineSession::lost, this,
            [this] { refuse(tr("The engine stopped; it is being started again.")); });
    connect(&m_session, &EngineSession::wasEnded, this, [this, id] {
        show({id,
              tr("The engine was ended by another program."),
              {{tr("Start it again"), [this] { m_session.begin(); }}},
              true});
    });
    connect(&m_session, &EngineSession::notStarted, this, [this, id, again](const QString& why) {
        show({id, tr("There is no engine, so nothing moves. %1").arg(why), {again}, true});
    });
    connect(&m_session, &EngineSession::silent, this, [this, id] {
        show({id,
              tr("The engine does not answer. What games see stays as it is."),
              {{tr("Wait"), {}}, {tr("Start another"), [this] { m_session.startAnother(); }}},
              true});
    });
    connect(&m_session, &EngineSession::statusTold, this, &Studio::compareFlown);
}

void Studio::meetEngine()
{
    const bool isUntouched =
        (m_document.path().isEmpty() || m_isYielding) && m_document.history().count() == 0;
    if (!m_session.hasFoundOne() || !isUntouched) return sendTangle();
    m_session.askForTangle([this](const std::string& text) { takeFlown(text); });
}

/// A window without a tangle shows the one that flies.
void Studio::takeFlown(const std::string& text)
{
    const auto flown = format::readTangle(text);
    if (flown.isReadable) {
        if (flown.tangle != tangle()) m_document.begin(flown.tangle, {});
    } else {
        sendTangle();
    }
}

/// Two windows may share one engine; the last word counts, and the other window is told.
void Studio::compareFlown()
{
    const auto id = QStringLiteral("flown");
    if (!m_session.fliesAnother()) return hide(id);
    const auto name = QString::fromStdString(m_session.status().tangle);
    show({id,
          tr("The engine flies another tangle than this window shows: \"%1\".").arg(name),
          {{tr("Fly mine"), [this] { sendTangle(); }},
           {tr("Show that one"), [this] {
                m_session.askForTangle([this](const std::string& text) {
                    auto read = format::readTangle(text);
                    if (!read.isReadable) return;
                    m_document.edit(tr("what flies"),
                                    [&](Tangle& tangle) { tangle = std::move(read.tangle); });
                });
            }}}});
}

void Studio::sendTangle()
{
    m_isSending = true;
    m_session.send(flown());
    m_isSending = false;
    rebuild();
}

Tangle Studio::flown() const
{
    auto flown = m_trial ? *m_trial : tangle();
    for (const auto& id : m_reversed) {
        if (auto* strand = findStrand(flown, id)) strand->stages.push_back({Invert{}});
    }
    return flown;
}

void Studio::setTrial(std::optional<Tangle> trial)
{
    if (trial == m_trial) return;
    m_trial = std::move(trial);
    sendTangle();
    Q_EMIT flownChanged();
}

void Studio::reverseForFlight(const std::string& strand, bool isReversed)
{
    if (isReversed == m_reversed.contains(strand)) return;
    if (isReversed) {
        m_reversed.insert(strand);
    } else {
        m_reversed.erase(strand);
    }
    sendTangle();
    Q_EMIT flownChanged();
}

void Studio::endTrials()
{
    if (!m_trial && m_reversed.empty()) return;
    m_trial.reset();
    m_reversed.clear();
    sendTangle();
    Q_EMIT flownChanged();
}

/// What was for one flight ends with it.
void Studio::endFlight()
{
    const bool isLive = m_session.isLive();
    const bool hasEnded = std::exchange(m_wasLive, isLive) && !isLive;
    if (!hasEnded || m_reversed.empty()) return;
    m_reversed.clear();
    m_session.send(flown());
    say(tr("The flight is over: what was reversed for it goes its usual way again."));
    Q_EMIT flownChanged();
}

void Studio::rebuild()
{
    if (m_isSending) return;  // what the engine says of it is looked at once, when all is there
    m_session.forgetMoves();  // those that were told are not told again
    m_desk = makeDesk(tangle(), m_session.status());
    m_finder.reset();
    static_cast<void>(m_finder.look(m_desk, values(), now()));  // a touch differs from what is now
    if (m_selected && !controllerOf(*m_selected)) m_selected.reset();
    auto problems = preflight(tangle(), m_session.status());
    const bool areOther = problems != m_problems;
    m_problems = std::move(problems);
    Q_EMIT deskChanged();
    if (areOther) Q_EMIT problemsChanged();
    Q_EMIT valuesMoved();
}

void Studio::lookAtValues()
{
    const auto touched = m_finder.look(m_desk, values(), now());
    if (touched && !m_session.isShowingPast()) {
        const bool isForField = m_listener != nullptr;
        m_touched = touched;
        Q_EMIT touchedChanged();
        if (m_isFollowing && !isForField) select(touched);
    }
    Q_EMIT valuesMoved();
}

void Studio::select(std::optional<ControlRef> control)
{
    if (control == m_selected) return;
    m_selected = std::move(control);
    Q_EMIT selectionChanged();
}

void Studio::setListener(const QObject* field)
{
    if (field == m_listener) return;
    m_listener = field;
    Q_EMIT listenerChanged();
}

void Studio::setFollowing(bool isFollowing)
{
    if (isFollowing == m_isFollowing) return;
    m_isFollowing = isFollowing;
    Q_EMIT followingChanged(isFollowing);
}

const DeskController* Studio::controllerOf(const ControlRef& ref) const
{
    const auto* controller = m_desk.find(ref.controller);
    return controller && findControl(controller->rig, ref.code) ? controller : nullptr;
}

QString Studio::nameOf(const ControlRef& ref) const
{
    const auto* controller = controllerOf(ref);
    if (!controller) return {};
    return QString::fromStdString(
        jolly::nameOf(controller->rig, *findControl(controller->rig, ref.code)));
}

std::vector<const Strand*> Studio::strandsFrom(const ControlRef& ref) const
{
    return m_stance.strandsFrom({ref.controller, ref.code});
}

namespace
{

/// Leads a control to a virtual one by connect() or connectInstead(), and selects it.
template <class Way>
void leadBy(Way&& way, Studio& studio, ControlRef from, const Target& target)
{
    const auto* controller = studio.controllerOf(from);
    if (!controller) return;
    auto trial = studio.tangle();
    const auto woven = way(trial, controller->rig, from.code, target);
    if (!woven) return studio.refuse(QString::fromStdString(woven.error().text()));
    studio.stance().edit(Studio::tr("weave %1").arg(studio.nameOf(from)),
                         [&](Tangle& tangle) { tangle = trial; });
    studio.select(from);
    const auto& strand = *findStrand(studio.tangle(), *woven);
    studio.say(QString::fromStdString(explainNow(studio.tangle(), strand, strand.ends.front())));
}

}  // namespace

void Studio::weave(const std::optional<ControlRef>& from, const Target& target)
{
    if (!from || !controllerOf(*from))
        return refuse(
            tr("Touch or click a control on the left first; then choose where it leads."));
    if (isLed(*from, target)) return select(*from);
    leadBy(&jolly::connect, *this, *from, target);
}

void Studio::weaveInstead(const ControlRef& from, const Target& target)
{
    const auto instead = [this](auto&&... of) {
        return connectInstead(of..., [this](const Strand& s) { return m_stance.isOurs(s); });
    };
    leadBy(instead, *this, from, target);
}

bool Studio::isLed(const ControlRef& from, const Target& target) const
{
    return std::ranges::any_of(strandsFrom(from), [&](const Strand* strand) {
        return strand->layer == m_stance.footing().layer && leadsTo(*strand, target);
    });
}

bool Studio::mayLead(const ControlRef& from, const Target& target) const
{
    const auto* controller = controllerOf(from);
    auto trial = tangle();
    return controller && !isLed(from, target) &&
           jolly::connect(trial, controller->rig, from.code, target).has_value();
}

void Studio::pasteStrand()
{
    const auto* controller = m_selected ? controllerOf(*m_selected) : nullptr;
    if (!m_copied || !controller) {
        refuse(tr("Copy a strand first, then select the control that it shall begin at."));
        return;
    }
    auto trial = tangle();
    auto copy = *m_copied;
    copy.id = freshId(trial, "strand");
    copy.name = nameOf(*m_selected).toStdString();
    copy.layer = m_stance.footing().layer;
    copy.craft = m_stance.footing().craft;
    copy.insteadOf.clear();
    trial.strands.push_back(copy);
    if (const auto begun = beginAt(trial, copy.id, controller->rig, m_selected->code); !begun)
        return refuse(QString::fromStdString(begun.error().text()));
    m_stance.edit(tr("paste strand"), [&](Tangle& tangle) { tangle = trial; });
}

void Studio::weaveToNextFree()
{
    const auto* controller = m_selected ? controllerOf(*m_selected) : nullptr;
    if (!controller) return;
    const auto target =
        nextFree(m_stance.view(), findControl(controller->rig, m_selected->code)->kind);
    if (target) {
        weaveTo(*target);
    } else {
        refuse(tr("No virtual device has a free control of that kind."));
    }
}

void Studio::silence()
{
    const auto* controller = m_selected ? controllerOf(*m_selected) : nullptr;
    if (!controller) return;
    m_stance.edit(tr("silence %1").arg(nameOf(*m_selected)), [&](Tangle& tangle) {
        Strand strand{.id = freshId(tangle, "strand"), .name = nameOf(*m_selected).toStdString()};
        strand.source = {m_selected->controller, m_selected->code};
        strand.ends = {{{}, Nothing{}}};
        if (!findController(tangle, controller->rig.id)) tangle.rig.push_back(controller->rig);
        tangle.strands.push_back(std::move(strand));
    });
}

void Studio::moveEnd(const std::string& strand, std::size_t end, const Target& to)
{
    auto trial = tangle();
    const auto there = takersOf(tangle(), to);
    const auto other = there.empty() ? QString() : QString::fromStdString(there.front()->name);
    if (const auto moved = jolly::moveEnd(trial, strand, end, to); !moved)
        return refuse(QString::fromStdString(moved.error().text()));
    m_stance.edit(tr("move end"), [&](Tangle& tangle) { tangle = trial; });
    const auto place = QString::fromStdString(placeName(tangle(), to));
    say(other.isEmpty() ? tr("It ends at %1 now.").arg(place)
                        : tr("It ends at %1 now; %2 has its old place.").arg(place, other));
}

void Studio::cure(const Problem& problem)
{
    const auto* remedy = remedyFor(problem);
    if (!remedy) return;
    auto trial = tangle();
    if (const auto cured = remedy->apply(trial, problem); !cured)
        return refuse(QString::fromStdString(cured.error().text()));
    const auto label =
        QString::fromUtf8(remedy->label.data(), static_cast<qsizetype>(remedy->label.size()));
    m_document.edit(label, [&](Tangle& tangle) { tangle = trial; });
}

}  // namespace jolly::app
