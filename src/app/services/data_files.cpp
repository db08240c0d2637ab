// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/services/data_files.h"
#include "app/style/qt_text.h"

#include "format/files.h"

#include <QCoreApplication>
#include <QFileInfo>

namespace jolly::app
{

QString dataFile(const QString& name)
{
    const auto program = QCoreApplication::applicationDirPath().toStdString();
    return QFileInfo(toQt(format::shippedFile(program, name.toStdString()))).canonicalFilePath();
}

}  // namespace jolly::app
