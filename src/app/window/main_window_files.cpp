// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/window/main_window.h"
#include "core/tangle/difference.h"
#include "core/tangle/edit.h"
#include "format/save.h"
#include "format/tangle_text.h"

#include <QDir>
#include <QFileInfo>
#include <QLocale>

/// The window's document and its file: new, open, save.
namespace jolly::app
{

namespace
{

/// "flight (others 2).tangle": a name beside a file that none has.
QString freeNameBeside(const QFileInfo& file)
{
    for (int number = 1;; ++number) {
        const auto mark =
            number == 1 ? MainWindow::tr(" (others)") : MainWindow::tr(" (others %1)").arg(number);
        const auto name =
            file.dir().filePath(file.completeBaseName() + mark + QLatin1Char('.') + file.suffix());
        if (!QFileInfo::exists(name)) return name;
    }
}

}  // namespace

bool MainWindow::mayLeaveDocument()
{
    auto& document = m_studio.document();
    if (!document.hasChanges()) return true;
    switch (m_dialogs.unsaved(this, QString::fromStdString(document.tangle().name))) {
        case Dialogs::Answer::Save:
            return save();
        case Dialogs::Answer::Discard:
            return true;
        case Dialogs::Answer::Cancel:
            return false;
    }
    return false;
}

void MainWindow::begin()
{
    if (mayLeaveDocument()) m_studio.document().begin(newTangle(), {});
}

void MainWindow::open()
{
    if (!mayLeaveDocument()) return;
    const auto path = m_dialogs.openFile(this, Dialogs::FileKind::Tangle);
    if (!path.isEmpty()) openFile(path);
}

void MainWindow::openFile(const QString& path)
{
    if (const auto done = m_studio.document().open(path); !done) {
        m_dialogs.tell(this, tr("Not opened"), QString::fromStdString(done.error().text()));
    } else if (m_studio.document().isOfEarlierVersion()) {
        m_studio.say(
            tr("This file is of an earlier version. Saving it writes the present one, "
               "which earlier Jolly Tangles do not open."));
    }
}

bool MainWindow::save()
{
    const auto path = m_studio.document().path();
    if (path.isEmpty()) return saveAs();
    if (!mayReplaceFile()) return false;
    const auto done = m_studio.document().save(path);
    if (!done) m_dialogs.tell(this, tr("Not saved"), QString::fromStdString(done.error().text()));
    return done.has_value();
}

/// Asks when somebody else has changed the document's file.
bool MainWindow::mayReplaceFile()
{
    auto& document = m_studio.document();
    const auto theirs = document.othersText();
    if (!theirs) return true;
    const auto read = format::readTangle(*theirs);
    QStringList difference{tr("The file is no tangle any more.")};
    if (read.isReadable) {
        difference.clear();
        for (const auto& sentence : differenceInWords(read.tangle, document.tangle()))
            difference << QString::fromStdString(sentence);
    }
    const QFileInfo file(document.path());
    const auto answer = m_dialogs.conflict(this, file.fileName(), difference);
    if (answer == Dialogs::Conflict::Cancel) return false;
    if (answer == Dialogs::Conflict::Mine) return true;
    const auto aside = freeNameBeside(file);
    const auto done = format::replaceText(aside.toStdString(), *theirs);
    if (!done) {
        m_dialogs.tell(this, tr("Not saved"), QString::fromStdString(done.error().text()));
        return false;
    }
    m_studio.say(tr("What others saved is in %1.").arg(QFileInfo(aside).fileName()));
    return true;
}

void MainWindow::offerDraft(const QString& path, const QDateTime& when)
{
    m_studio.show(
        {QStringLiteral("draft"),
         tr("Edits of %1 that were not saved are kept, from %2.")
             .arg(QFileInfo(path).fileName(), QLocale().toString(when, QLocale::ShortFormat)),
         {{tr("Open it"),
           [this, path] {
               if (mayLeaveDocument()) openFile(path);
           }},
          {tr("Leave it"), {}}}});
}

bool MainWindow::saveAs()
{
    const auto& document = m_studio.document();
    const auto suggestion =
        document.path().isEmpty()
            ? QString::fromStdString(document.tangle().name) + QStringLiteral(".tangle")
            : document.path();
    const auto path = m_dialogs.saveFile(this, Dialogs::FileKind::Tangle, suggestion);
    if (path.isEmpty()) return false;
    const auto done = m_studio.document().save(path);
    if (!done) m_dialogs.tell(this, tr("Not saved"), QString::fromStdString(done.error().text()));
    return done.has_value();
}

void MainWindow::chooseRecording()
{
    const auto path = m_dialogs.openFile(this, Dialogs::FileKind::Recording);
    if (!path.isEmpty()) m_bench->log().open(path);
}

void MainWindow::saveReport()
{
    const auto path = m_dialogs.saveFile(this, Dialogs::FileKind::Report, tr("walk.html"));
    if (path.isEmpty()) return;
    const bool asHtml = path.endsWith(QLatin1String(".html"), Qt::CaseInsensitive);
    const auto done =
        format::replaceText(path.toStdString(), m_bench->walk().report(asHtml).toStdString());
    if (done) return m_studio.say(tr("The report is saved as %1.").arg(path));
    m_studio.refuse(QString::fromStdString(done.error().text()));
}

}  // namespace jolly::app
