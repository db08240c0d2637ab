// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/strands/row_choice.h"
#include "app/style/qt_text.h"

#include "core/tangle/device_edit.h"
#include "core/tangle/edit.h"
#include "core/tangle/goal_edit.h"
#include "core/tangle/lookup.h"
#include "core/tangle/signals.h"
#include "core/weave/explain.h"

#include <algorithm>

namespace jolly::app
{

namespace
{

/// One key is a virtual control like others.
Goal keysGoal(const std::string& device, const std::vector<std::uint16_t>& keys)
{
    if (keys.size() == 1) return Target{device, {ControlKind::Button, keys.front()}};
    return Chord{.device = device, .keys = keys};
}

}  // namespace

RowChoice::RowChoice(Edits& edits, Selection& selection, QObject* parent)
    : QObject(parent), m_edits(edits), m_selection(selection)
{
    connect(&edits, &Edits::settled, this, &RowChoice::follow);
    connect(&selection, &Selection::selectionChanged, this, [this] { choose(std::nullopt); });
}

void RowChoice::choose(const std::optional<OutletPlace>& row)
{
    const auto now = row == m_row ? std::nullopt : row;
    if (now == m_row) return;
    m_row = now;
    Q_EMIT changed();
}

/// A row that an edit took away is chosen no longer.
void RowChoice::follow()
{
    if (!m_row) return;
    m_row->strand = m_edits.stance().ownOf(m_row->strand);
    const auto* strand = findStrand(m_edits.tangle(), m_row->strand);
    const auto outlets = strand ? outletsOf(*strand) : std::vector<std::string>{};
    const bool isThere = std::ranges::find(outlets, m_row->outlet) != outlets.end() &&
                         (!m_row->end || *m_row->end < strand->ends.size());
    if (!isThere) choose(std::nullopt);
}

void RowChoice::lead(const OutletPlace& row, const Goal& goal)
{
    commit(row, [&](Tangle&) { return goal; });
}

void RowChoice::commit(OutletPlace row, const std::function<Goal(Tangle&)>& goal)
{
    const bool wasChosen = m_row == row;
    std::size_t end = 0;
    const auto lead = [&](Tangle& tangle) {
        const auto to = goal(tangle);
        auto led = keep(leadOutlet(tangle, row.strand, row.outlet, row.end, to), end);
        if (led && wasChosen) m_row->end = end;
        return led;
    };
    if (!m_edits.apply({tr("lead %1").arg(nameOf(row))}, lead)) return;
    tellOf(row.strand, end);
    if (wasChosen) Q_EMIT changed();
}

void RowChoice::tellOf(const std::string& strand, std::size_t end)
{
    const auto* now = findStrand(m_edits.tangle(), m_edits.stance().ownOf(strand));
    if (now) m_edits.messages().say(toQt(explainNow(m_edits.tangle(), *now, now->ends[end])));
}

void RowChoice::leadToNextFree(const OutletPlace& row)
{
    const auto* strand = findStrand(m_edits.tangle(), row.strand);
    if (!strand) return;
    const auto kind = signalsOf(m_edits.tangle(), *strand).back().kind;
    const auto target = nextFree(m_edits.stance().view(), kind);
    if (!target)
        return m_edits.messages().refuse(tr("No virtual device has a free control of that kind."));
    lead(row, *target);
}

void RowChoice::leadToKeys(const OutletPlace& row, const std::vector<std::uint16_t>& keys)
{
    commit(row, [&](Tangle& tangle) { return keysGoal(keyboardOf(tangle), keys); });
}

void RowChoice::weaveKeys(const Source& from, const std::vector<std::uint16_t>& keys)
{
    const auto* controller = m_selection.feed().controllerOf(from);
    if (!controller) return;
    std::string woven;
    std::size_t end = 0;
    const auto weave = [&](Tangle& tangle) -> Fallible {
        const auto device = keyboardOf(tangle);
        const Target first{device, {ControlKind::Button, keys.front()}};
        const auto led = keep(jolly::connect(tangle, controller->rig, from.control, first), woven);
        if (!led) return led;
        const auto outlet = outletsOf(*findStrand(tangle, woven)).front();
        return keep(leadOutlet(tangle, woven, outlet, 0, keysGoal(device, keys)), end);
    };
    if (!m_edits.apply({tr("weave %1").arg(m_selection.feed().nameOf(from))}, weave)) return;
    tellOf(woven, end);
    m_selection.select(from);
}

QString RowChoice::nameOf(const OutletPlace& row) const
{
    const auto* strand = findStrand(m_edits.tangle(), row.strand);
    if (!strand) return {};
    const auto name = toQt(strand->name.empty() ? strand->id : strand->name);
    return row.outlet.empty() ? name
                              : tr("%1 of %2").arg(toQt(Sentence::ourWord(row.outlet)), name);
}

}  // namespace jolly::app
