// SPDX-License-Identifier: GPL-3.0-or-later
#include "control/delay_figures.h"

#include <cmath>
#include <numeric>

namespace jolly
{

DelayBins since(const DelayBins& before, const DelayBins& now)
{
    DelayBins bins{};
    for (std::size_t i = 0; i < bins.size(); ++i) bins[i] = now[i] - before[i];
    return bins;
}

DelayFigures figuresOf(const DelayBins& bins)
{
    DelayFigures figures;
    figures.count = std::accumulate(bins.begin(), bins.end(), std::uint64_t{0});
    const auto middle = (figures.count + 1) / 2;
    const auto most =
        static_cast<std::uint64_t>(std::ceil(static_cast<double>(figures.count) * 0.99));
    std::uint64_t seen = 0;
    for (std::uint32_t bin = 0; bin < bins.size(); ++bin) {
        if (bins[bin] == 0) continue;
        const auto longest = Time(delayOfBin(bin + 1));
        if (seen < middle) figures.middle = longest;
        if (seen < most) figures.most = longest;
        figures.worst = longest;
        seen += bins[bin];
    }
    return figures;
}

}  // namespace jolly
