// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/strands/outlet_rows.h"

#include "app/devices/place_map.h"
#include "app/strands/stage_words.h"
#include "core/tangle/device_edit.h"
#include "core/tangle/lookup.h"
#include "core/tangle/signals.h"
#include "core/weave/explain.h"

#include <QVBoxLayout>
#include <algorithm>

namespace jolly::app
{

OutletRows::OutletRows(Studio& studio, const Strand& strand, QWidget* parent)
    : QWidget(parent),
      m_studio(studio),
      m_strand(strand.id),
      m_outlets(outletsOf(strand)),
      m_ways(waysOf(strand))
{
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(4);
    for (auto& way : m_ways) {
        const auto& outlet = m_outlets[way.outlet];
        way.row = new OutletRow(toQt(outlet), this);
        column->addWidget(way.row);
        connect(way.row, &OutletRow::goalWanted, this, [this, outlet, end = way.end] {
            end ? askForPlace(m_studio, m_strand, *end, window()) : leadToNextFree(outlet);
        });
        connect(way.row, &OutletRow::howChosen, this, [this, end = way.end](How how, double pulse) {
            if (end) press(*end, how, pulse);
        });
    }
    setVisible(!m_ways.empty());
}

std::vector<OutletRows::Way> OutletRows::waysOf(const Strand& strand) const
{
    std::vector<Way> ways;
    const auto outlets = outletsOf(strand);
    const auto kind = signalsOf(m_studio.tangle(), strand).back().kind;
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
    for (const auto& way : m_ways) way.row->show(wordsOf(strand, way));
}

OutletRow::Words OutletRows::wordsOf(const Strand& strand, const Way& way) const
{
    if (!way.end) return {};
    const auto& end = strand.ends[*way.end];
    const auto* target = targetOf(end);
    if (!target) return {.goal = tr("nothing: it is silent")};
    OutletRow::Words words{.goal = toQt(placeName(m_studio.tangle(), *target))};
    if (const auto* device = findDevice(m_studio.tangle(), target->device))
        words.function = toQt(settingsOf(*device, target->control).label);
    if (target->control.kind == ControlKind::Button) {
        words.how = end.how;
        words.pulse = end.pulse;
    }
    return words;
}

void OutletRows::showValues(std::span<const Value> values)
{
    for (const auto& way : m_ways)
        way.row->setPressed(way.outlet < values.size() && values[way.outlet].isPressed());
}

int OutletRows::placeOf(const std::string& outlet) const
{
    const auto isIts = [&](const Way& way) {
        return m_outlets[way.outlet] == outlet || (outlet.empty() && way.outlet == 0);
    };
    const auto way = std::ranges::find_if(m_ways, isIts);
    return way == m_ways.end() ? -1 : way->row->geometry().center().y();
}

void OutletRows::leadToNextFree(const std::string& outlet)
{
    m_studio.document().edit(tr("lead to the next free"), [&](Tangle& tangle) {
        auto* strand = findStrand(tangle, m_strand);
        if (!strand) return;
        const auto kind = signalsOf(tangle, *strand).back().kind;
        if (const auto target = nextFree(tangle, kind)) strand->ends.push_back({outlet, *target});
        fitDevices(tangle);
    });
}

void OutletRows::press(std::size_t end, How how, double pulse)
{
    m_studio.document().edit(
        tr("held or pulse"),
        [&](Tangle& tangle) {
            auto* strand = findStrand(tangle, m_strand);
            if (!strand || end >= strand->ends.size()) return;
            strand->ends[end].how = how;
            strand->ends[end].pulse = pulse;
        },
        QStringLiteral("pulse"));
    const auto* strand = findStrand(m_studio.tangle(), m_strand);
    if (strand && end < strand->ends.size())
        m_studio.say(toQt(explainNow(m_studio.tangle(), *strand, strand->ends[end])));
}

}  // namespace jolly::app
