// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/services/data_files.h"

#include <QCoreApplication>
#include <QFileInfo>

namespace jolly::app
{

QString dataFile(const QString& name)
{
    const auto program = QCoreApplication::applicationDirPath();
    for (const auto* folder : {"/../share/jolly-tangle/", "/../../../data/"}) {
        const QFileInfo file(program + QLatin1String(folder) + name);
        if (file.exists()) return file.canonicalFilePath();
    }
    return {};
}

}  // namespace jolly::app
