// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/models/weaver.h"
#include "app/style/qt_text.h"

#include "core/tangle/device_edit.h"
#include "core/tangle/edit.h"
#include "core/weave/explain.h"
#include "core/weave/remedies.h"

namespace jolly::app
{

Weaver::Weaver(Edits& edits, Selection& selection) : m_edits(edits), m_selection(selection) {}

/// Leads a control to a virtual one by connect() or connectInstead(), and selects it.
void Weaver::leadBy(const Way& way, const Source& from, const Target& target)
{
    const auto begin = from;  // what is selected changes
    const auto* controller = m_selection.feed().controllerOf(begin);
    if (!controller) return;
    std::string woven;
    const auto lead = [&](Tangle& tangle) {
        return keep(way(tangle, controller->rig, begin.control, target), woven);
    };
    if (!m_edits.apply({tr("weave %1").arg(m_selection.feed().nameOf(begin))}, lead)) return;
    m_selection.select(begin);
    const auto& strand = *findStrand(m_edits.tangle(), woven);
    m_edits.messages().say(toQt(explainNow(m_edits.tangle(), strand, strand.ends.front())));
}

void Weaver::lead(const std::optional<Source>& from, const Target& target)
{
    if (!from || !m_selection.feed().controllerOf(*from))
        return m_edits.messages().refuse(
            tr("Touch or click a control on the left first; then choose where it leads."));
    if (isLed(*from, target)) return m_selection.select(*from);
    leadBy(&jolly::connect, *from, target);
}

void Weaver::leadInstead(const Source& from, const Target& target)
{
    const auto instead = [this](auto&&... of) {
        return connectInstead(of...,
                              [this](const Strand& s) { return m_edits.stance().isOurs(s); });
    };
    leadBy(instead, from, target);
}

void Weaver::leadOtherWay(const std::string& first, const Source& from, const Target& target)
{
    const auto otherWay = [&](Tangle& tangle, auto&&... of) {
        return connectOtherWay(tangle, first, of...);
    };
    leadBy(otherWay, from, target);
}

void Weaver::leadLarger(const Source& from, const Target& target)
{
    const auto larger = [&](Tangle& tangle, auto&&... of) {
        auto woven = jolly::connect(tangle, of...);
        if (woven) setMeeting(tangle, target, Meeting::Larger);
        return woven;
    };
    leadBy(larger, from, target);
}

void Weaver::leadAll(const std::string& controller, const LikeWay& way)
{
    const auto* desk = m_selection.feed().desk().find(controller);
    if (!desk) return;
    const auto rig = desk->rig;
    LikeForLike led;
    const auto lead = [&](Tangle& tangle) { return keep(leadLikeForLike(tangle, rig, way), led); };
    if (!m_edits.apply({tr("lead all of %1").arg(toQt(rig.alias))}, lead)) return;
    auto said = tr("%n control(s) of %1 lead on now. Undo takes them back.", nullptr,
                   static_cast<int>(led.strands.size()))
                    .arg(toQt(rig.alias));
    if (!led.left.empty())
        said += QLatin1Char(' ') +
                tr("%n control(s) found no place.", nullptr, static_cast<int>(led.left.size()));
    m_edits.messages().say(said);
}

bool Weaver::isLed(const Source& from, const Target& target) const
{
    const auto& stance = m_edits.stance();
    return std::ranges::any_of(stance.strandsFrom(from), [&](const Strand* strand) {
        return strand->layer == stance.footing().layer && leadsTo(*strand, target);
    });
}

bool Weaver::mayLead(const Source& from, const Target& target) const
{
    const auto* controller = m_selection.feed().controllerOf(from);
    auto trial = m_edits.tangle();
    return controller && !isLed(from, target) &&
           jolly::connect(trial, controller->rig, from.control, target).has_value();
}

void Weaver::paste()
{
    const auto* controller = m_selection.controller();
    if (!m_copied || !controller) {
        return m_edits.messages().refuse(
            tr("Copy a strand first, then select the control that it shall begin at."));
    }
    const auto at = *m_selection.selected();
    m_edits.apply({tr("paste strand")}, [&](Tangle& tangle) {
        auto copy = *m_copied;
        copy.id = freshId(tangle, "strand");
        copy.name = m_selection.feed().nameOf(at).toStdString();
        copy.layer = m_edits.stance().footing().layer;
        copy.craft = m_edits.stance().footing().craft;
        copy.insteadOf.clear();
        tangle.strands.push_back(copy);
        return beginAt(tangle, copy.id, controller->rig, at.control);
    });
}

void Weaver::leadToNextFree()
{
    const auto* controller = m_selection.controller();
    if (!controller) return;
    const auto kind = findControl(controller->rig, m_selection.selected()->control)->kind;
    if (const auto target = nextFree(m_edits.stance().view(), kind)) {
        leadSelected(*target);
    } else {
        m_edits.messages().refuse(tr("No virtual device has a free control of that kind."));
    }
}

void Weaver::silence()
{
    const auto* controller = m_selection.controller();
    if (!controller) return;
    const auto from = *m_selection.selected();
    const auto name = m_selection.feed().nameOf(from);
    m_edits.apply({tr("silence %1").arg(name)}, [&](Tangle& tangle) {
        Strand strand{.id = freshId(tangle, "strand"), .name = name.toStdString()};
        strand.source = from;
        strand.ends = {{{}, Nothing{}}};
        if (!findController(tangle, controller->rig.id)) tangle.rig.push_back(controller->rig);
        tangle.strands.push_back(std::move(strand));
    });
}

void Weaver::moveEnd(const std::string& strand, std::size_t end, const Target& to)
{
    const auto there = takersOf(m_edits.tangle(), to);
    const auto other = there.empty() ? QString() : toQt(there.front()->name);
    const auto move = [&](Tangle& tangle) { return jolly::moveEnd(tangle, strand, end, to); };
    if (!m_edits.apply({tr("move end")}, move)) return;
    const auto place = toQt(placeName(m_edits.tangle(), to));
    m_edits.messages().say(other.isEmpty()
                               ? tr("It ends at %1 now.").arg(place)
                               : tr("It ends at %1 now; %2 has its old place.").arg(place, other));
}

void Weaver::cure(const Problem& problem)
{
    const auto* remedy = remedyFor(problem);
    if (!remedy) return;
    m_edits.applyToWhole({toQt(remedy->label)},
                         [&](Tangle& tangle) { return remedy->apply(tangle, problem); });
}

}  // namespace jolly::app
