// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/strands/stage_finds.h"

#include "app/strands/stage_picture.h"
#include "app/style/qt_text.h"
#include "app/widgets/finder.h"
#include "core/tangle/signals.h"
#include "core/tangle/stage_edit.h"

#include <QWidget>
#include <algorithm>
#include <array>

namespace jolly::app
{

namespace
{

/// Of each kind of control those that are wanted most.
constexpr std::array<std::string_view, 12> kUsual = {
    "dead zone", "curve",       "slice",     "invert",      // of an axis
    "latch",     "press kinds", "both ends", "switch",      // of a button
    "hat split", "hat turn",    "glide",     "turn pulses"  // of a hat and a turner
};

std::size_t rankOf(std::string_view name)
{
    return static_cast<std::size_t>(std::ranges::find(kUsual, name) - kUsual.begin());
}

}  // namespace

std::vector<Found> stagesFor(const Tangle& tangle, const Strand& strand, qreal scale,
                             const std::function<void(const StageParameters&)>& add)
{
    struct Row {
        std::size_t rank;
        Want want;
        Found found;
    };
    std::vector<Row> rows;
    const auto signals = signalsOf(tangle, strand);
    StageList::forEach([&](const auto& kind) {
        const auto& info = kind.kInfo;
        if (!isUseful(tangle, strand, kind)) return;
        const auto gets = signals[placeFor(tangle, strand, kind)];
        const auto rank = rankOf(info.name.english());
        rows.push_back(
            {rank,
             info.want,
             {.words = toQt(info.name),
              .kind = rank < kUsual.size() ? QObject::tr("often") : toQt(nameOf(info.want)),
              .go = [add, kind] { add(kind); },
              .other = toQt(info.also) + QLatin1Char(' ') + toQt(nameOf(info.want)),
              .about = toQt(info.sentence),
              .picture = stagePicture(kind, gets, scale)}});
    });
    std::ranges::stable_sort(rows, {},
                             [](const Row& row) { return std::pair(row.rank, row.want); });
    std::vector<Found> all;
    for (auto& row : rows) all.push_back(std::move(row.found));
    return all;
}

void openStages(QWidget& window, const Tangle& tangle, const Strand& strand,
                const std::function<void(const StageParameters&)>& add)
{
    auto all = stagesFor(tangle, strand, window.devicePixelRatioF(), add);
    (new Finder(std::move(all), QObject::tr("Find a stage: dead zone, reverse, notch …"), &window))
        ->open();
}

}  // namespace jolly::app
