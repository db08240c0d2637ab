// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/studio.h"

namespace jolly::app
{

/// Changes the tangle as one step, whatever craft is worked in; where it is refused nothing changes
/// and the pilot is told why. @return whether it was done.
inline bool attempt(Studio& studio, const QString& step,
                    const std::function<Fallible(Tangle&)>& change)
{
    auto trial = studio.tangle();
    if (const auto done = change(trial); !done) {
        studio.refuse(QString::fromStdString(done.error().text()));
        return false;
    }
    studio.document().edit(step, [&](Tangle& tangle) { tangle = std::move(trial); });
    return true;
}

}  // namespace jolly::app
