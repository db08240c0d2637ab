// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/window/faceplate_files.h"

#include "app/style/qt_text.h"

#include "core/tangle/edit.h"
#include "format/faceplate_text.h"
#include "format/files.h"
#include "format/place.h"
#include "format/save.h"

#include <QFileInfo>

namespace jolly::app
{

void exportFaceplate(Edits& edits, LiveFeed& feed, Dialogs& dialogs, QWidget* parent,
                     const std::string& controller)
{
    const auto* desk = feed.desk().find(controller);
    if (!desk) return;
    const auto path = dialogs.saveFile(parent, Dialogs::FileKind::Faceplate,
                                       toQt(desk->rig.alias) + QStringLiteral(".faceplate"));
    if (path.isEmpty()) return;
    const auto saved =
        format::saveText(path.toStdString(), format::writeFaceplate(share(desk->rig)));
    if (!saved)
        return dialogs.tell(parent, QObject::tr("Not exported"), toQt(saved.error().text()));
    edits.messages().say(QObject::tr("The faceplate is in %1.").arg(QFileInfo(path).fileName()));
}

void importFaceplate(Edits& edits, LiveFeed& feed, Dialogs& dialogs, QWidget* parent,
                     const std::string& controller)
{
    const auto* desk = feed.desk().find(controller);
    if (!desk) return;
    const auto path = dialogs.openFile(parent, Dialogs::FileKind::Faceplate);
    if (path.isEmpty()) return;
    const auto file = format::readText(path.toStdString());
    if (!file) return dialogs.tell(parent, QObject::tr("Not imported"), toQt(file.error().text()));
    const auto read = format::readFaceplate(*file);
    if (!read.isReadable) {
        QStringList sentences;
        for (const auto& problem : read.problems) sentences << toQt(format::toWords(problem));
        return dialogs.tell(parent, QObject::tr("Not imported"), sentences.join(QLatin1Char('\n')));
    }
    auto rig = desk->rig;
    const auto remarks = takeShared(rig, read.faceplate);
    edits.applyToWhole({QObject::tr("import faceplate")},
                       [&](Tangle& tangle) { putIntoRig(tangle, rig); });
    auto sentence = QObject::tr("The faceplate is taken; undo takes it back.");
    for (const auto& remark : remarks) sentence += QLatin1Char(' ') + toQt(remark);
    edits.messages().say(sentence);
}

}  // namespace jolly::app
