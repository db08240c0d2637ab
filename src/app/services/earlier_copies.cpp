// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/services/earlier_copies.h"
#include "app/style/qt_text.h"

#include "format/files.h"
#include "format/save.h"
#include "format/tangle_text.h"

#include <QFileInfo>

namespace jolly::app
{

std::vector<EarlierCopy> earlierCopies(const QString& path)
{
    std::vector<EarlierCopy> copies;
    for (int age = 1; age <= format::kVersionsKept; ++age) {
        const auto copy = format::earlierVersion(path.toStdString(), age);
        const auto text = format::readText(copy);
        if (!text || !format::readTangle(*text).isReadable) continue;
        const auto name = toQt(copy.string());
        copies.push_back({name, QFileInfo(name).lastModified()});
    }
    return copies;
}

}  // namespace jolly::app
