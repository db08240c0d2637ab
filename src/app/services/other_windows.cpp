// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/services/other_windows.h"

#include <QDir>
#include <QStandardPaths>

namespace jolly::app
{

namespace
{

constexpr int kMostWindows = 16;

std::unique_ptr<QLockFile> placeOf(int number)
{
    auto folder = QStandardPaths::writableLocation(QStandardPaths::RuntimeLocation);
    if (folder.isEmpty()) folder = QDir::tempPath();
    auto lock = std::make_unique<QLockFile>(
        QStringLiteral("%1/jolly-tangle-window-%2.lock").arg(folder).arg(number));
    lock->setStaleLockTime(0);  // a lock is stale when its process is gone, however old it is
    return lock;
}

}  // namespace

OtherWindows::OtherWindows()
{
    for (int number = 1; number <= kMostWindows && !m_mine; ++number) {
        auto place = placeOf(number);
        if (place->tryLock(0)) m_mine = std::move(place);
    }
}

bool OtherWindows::areOthersThere() const
{
    for (int number = 1; number <= kMostWindows; ++number) {
        auto place = placeOf(number);
        if (m_mine && place->fileName() == m_mine->fileName()) continue;
        if (!place->tryLock(0) && place->error() == QLockFile::LockFailedError) return true;
    }
    return false;
}

}  // namespace jolly::app
