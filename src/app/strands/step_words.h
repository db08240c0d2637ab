// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/studio.h"
#include "core/tangle/lookup.h"

namespace jolly::app
{

/// What a step of the history is called that changes a strand: "curve of Roll".
[[nodiscard]] inline QString stepOf(const Studio& studio, const QString& step,
                                    const std::string& strand)
{
    const auto* found = findStrand(studio.tangle(), strand);
    if (!found || found->name.empty()) return step;
    return QObject::tr("%1 of %2").arg(step, QString::fromStdString(found->name));
}

}  // namespace jolly::app
