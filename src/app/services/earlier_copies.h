// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QDateTime>
#include <QString>
#include <vector>

namespace jolly::app
{

/// What a file held before a save.
struct EarlierCopy {
    QString path;
    QDateTime when;
};

/// The kept copies of a tangle's file that can be read, the newest first.
[[nodiscard]] std::vector<EarlierCopy> earlierCopies(const QString& path);

}  // namespace jolly::app
