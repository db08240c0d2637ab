// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/document.h"
#include "app/models/messages.h"
#include "app/models/stance.h"
#include "app/models/touch_finder.h"
#include "app/services/engine_session.h"

#include <QObject>
#include <chrono>
#include <functional>
#include <optional>
#include <set>

namespace jolly::app
{

/// What all pages share: the document, the engine, the desk made of both, what is selected and what
/// was touched last.
class Studio : public Messages
{
    Q_OBJECT

 public:
    Studio(Document& document, EngineSession& session, QObject* parent = nullptr);

    [[nodiscard]] Document& document() { return m_document; }
    [[nodiscard]] EngineSession& session() { return m_session; }
    [[nodiscard]] const Tangle& tangle() const { return m_document.tangle(); }
    [[nodiscard]] Stance& stance() { return m_stance; }
    [[nodiscard]] const Stance& stance() const { return m_stance; }
    [[nodiscard]] const Desk& desk() const { return m_desk; }
    [[nodiscard]] const LiveSnapshot& values() const { return m_session.values(); }
    [[nodiscard]] const Problems& problems() const { return m_problems; }

    [[nodiscard]] const std::optional<ControlRef>& selected() const { return m_selected; }
    [[nodiscard]] const std::optional<ControlRef>& touched() const { return m_touched; }
    void select(std::optional<ControlRef> control);

    [[nodiscard]] bool isFollowing() const { return m_isFollowing; }
    void setFollowing(bool isFollowing);

    /// The field that listens: a touch fills it and selects nothing. One at a time; null for none.
    [[nodiscard]] const QObject* listener() const { return m_listener; }
    void setListener(const QObject* field);
    /// The controller of a reference; null when it is not on the desk.
    [[nodiscard]] const DeskController* controllerOf(const ControlRef& ref) const;
    [[nodiscard]] QString nameOf(const ControlRef& ref) const;

    /// The strands of the craft that begin at a control; see Stance::strandsFrom().
    [[nodiscard]] std::vector<const Strand*> strandsFrom(const ControlRef& ref) const;

    /// Weaves a strand from a control, and selects it; a refusal is told by said().
    void weave(const std::optional<ControlRef>& from, const Target& target);

    /// Likewise, in the place of all that ends there.
    void weaveInstead(const ControlRef& from, const Target& target);

    /// Whether a control can be led there, and is not yet.
    [[nodiscard]] bool mayLead(const ControlRef& from, const Target& target) const;

    /// weave() from the selected control.
    void weaveTo(const Target& target) { weave(m_selected, target); }
    void weaveToNextFree();
    /// Gives the selected control a strand that leads to nothing.
    void silence();

    /// Lets an end of a strand be at another place; a taken one is exchanged, and that is said.
    void moveEnd(const std::string& strand, std::size_t end, const Target& to);

    /// Does what is to be done about a problem at one click; says what came of it.
    void cure(const Problem& problem);

    /// Remembers a strand, to be pasted to any control.
    void copyStrand(const Strand& strand) { m_copied = strand; }

    /// Weaves a copy of the remembered strand from the selected control: same stages, same targets.
    void pasteStrand();

    /// What is flown: the tangle, or for a while something else in its place.
    [[nodiscard]] Tangle flown() const;

    /// Flies another tangle until it is called with none; the document stays as it is.
    void setTrial(std::optional<Tangle> trial);

    /// Turns a strand's axis round until one stands down; the document stays as it is.
    void reverseForFlight(const std::string& strand, bool isReversed);
    [[nodiscard]] bool isReversed(const std::string& id) const { return m_reversed.contains(id); }

    /// What was flown for a while goes: the document is flown again, as when the window closes.
    void endTrials();

    /// The engine's clock, which moves carry; tests and pictures bring their own.
    [[nodiscard]] Time now() const { return m_clock(); }
    void setClock(std::function<Time()> clock) { m_clock = std::move(clock); }

    /// What part of its travel an axis has to move to be touched; TouchFinder::kLoud at first.
    void setTouchLoudness(double part) { m_finder.setLoudness(part); }

    /// Nobody asked for the tangle that is open: should another one fly, that one is shown.
    void setYielding(bool isYielding) { m_isYielding = isYielding; }

 Q_SIGNALS:
    void deskChanged();
    void valuesMoved();
    void selectionChanged();
    void touchedChanged();
    void flownChanged();  ///< it is another than the document, or no longer
    void followingChanged(bool isFollowing);
    void listenerChanged();
    void problemsChanged();

 private:
    void rebuild();
    [[nodiscard]] bool isLed(const ControlRef& from, const Target& target) const;
    void endFlight();
    void meetEngine();
    void takeFlown(const std::string& text);
    void watchEngine();
    void compareFlown();
    void sendTangle();
    void lookAtValues();

    Document& m_document;
    EngineSession& m_session;
    Stance m_stance;
    Desk m_desk;
    Problems m_problems;
    TouchFinder m_finder;
    std::optional<ControlRef> m_selected;
    std::optional<ControlRef> m_touched;
    std::optional<Strand> m_copied;
    std::optional<Tangle> m_trial;
    std::set<std::string> m_reversed;  ///< ids of strands
    bool m_wasLive = false;
    bool m_isSending = false;
    bool m_isYielding = false;
    bool m_isFollowing = true;
    const QObject* m_listener = nullptr;
    std::function<Time()> m_clock = [] {
        return Time(std::chrono::steady_clock::now().time_since_epoch());
    };
};

}  // namespace jolly::app
