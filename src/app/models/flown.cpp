// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/models/flown.h"
#include "app/style/qt_text.h"

#include "core/tangle/lookup.h"
#include "format/tangle_text.h"

#include <utility>

namespace jolly::app
{

Flown::Flown(Document& document, EngineSession& session, Messages& messages)
    : m_document(document), m_session(session), m_messages(messages), m_tangle(document.shared())
{
    connect(&session, &EngineSession::attached, this, &Flown::meetEngine);
    connect(&session, &EngineSession::statusChanged, this, &Flown::endWithFlight);
    connect(&session, &EngineSession::statusTold, this, &Flown::compare);
}

/// Finds out what is flown now.
void Flown::find()
{
    m_tangle = m_document.shared();
    if (!m_trial && m_reversed.empty()) return;
    auto flown = m_trial ? *m_trial : m_document.tangle();
    for (const auto& id : m_reversed) {
        if (auto* strand = findStrand(flown, id)) strand->stages.push_back({Invert{}});
    }
    m_tangle = std::make_shared<const Tangle>(std::move(flown));
}

void Flown::send()
{
    find();
    m_isSending = true;
    m_session.send(m_tangle);
    m_isSending = false;
    Q_EMIT sent();
}

void Flown::setTrial(std::optional<Tangle> trial)
{
    if (trial == m_trial) return;
    m_trial = std::move(trial);
    send();
    Q_EMIT changed();
}

void Flown::reverse(const std::string& strand, bool isReversed)
{
    if (isReversed == m_reversed.contains(strand)) return;
    if (isReversed) {
        m_reversed.insert(strand);
    } else {
        m_reversed.erase(strand);
    }
    send();
    Q_EMIT changed();
}

void Flown::endTrials()
{
    if (!m_trial && m_reversed.empty()) return;
    m_trial.reset();
    m_reversed.clear();
    send();
    Q_EMIT changed();
}

/// What was for one flight ends with it.
void Flown::endWithFlight()
{
    const bool isLive = m_session.isLive();
    const bool hasEnded = std::exchange(m_wasLive, isLive) && !isLive;
    if (!hasEnded || m_reversed.empty()) return;
    m_reversed.clear();
    find();
    m_session.send(m_tangle);
    m_messages.say(tr("The flight is over: what was reversed for it goes its usual way again."));
    Q_EMIT changed();
}

void Flown::meetEngine()
{
    const bool isUntouched =
        (m_document.path().isEmpty() || m_isYielding) && m_document.history().count() == 0;
    if (!m_session.hasFoundOne() || !isUntouched) return send();
    m_session.askForTangle([this](const std::string& text) { take(text); });
}

/// A window without a tangle shows the one that flies.
void Flown::take(const std::string& text)
{
    const auto flown = format::readTangle(text);
    if (flown.isReadable) {
        if (flown.tangle != m_document.tangle()) m_document.begin(flown.tangle, {});
    } else {
        send();
    }
}

/// Two windows may share one engine; the last word counts, and the other window is told.
void Flown::compare()
{
    const auto id = QStringLiteral("flown");
    if (!m_session.fliesAnother()) return m_messages.hide(id);
    const auto name = toQt(m_session.status().tangle);
    m_messages.show(
        {id,
         tr("The engine flies another tangle than this window shows: \"%1\".").arg(name),
         {{tr("Fly mine"), [this] { send(); }},
          {tr("Show that one"), [this] {
               m_session.askForTangle([this](const std::string& text) {
                   auto read = format::readTangle(text);
                   if (read.isReadable) m_document.put(tr("what flies"), std::move(read.tangle));
               });
           }}}});
}

}  // namespace jolly::app
