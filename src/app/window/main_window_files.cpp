// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/style/scroll_column.h"
#include "app/style/qt_text.h"
#include "app/window/main_window.h"
#include "core/tangle/difference.h"
#include "core/tangle/edit.h"
#include "format/save.h"
#include "format/tangle_text.h"

#include <QDir>
#include <QDropEvent>
#include <QFileInfo>
#include <QLocale>
#include <QMimeData>
#include <QStandardPaths>

/// The window's document and its file: new, open, save.
namespace jolly::app
{

namespace
{

const auto kDraft = QStringLiteral("draft ");  ///< before the path, in a notice's id

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
    switch (m_dialogs.unsaved(this, toQt(document.tangle().name))) {
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
    if (!mayLeaveDocument()) return;
    m_studio.flown().setYielding(false);
    m_studio.document().begin(newTangle(), {});
}

void MainWindow::open()
{
    if (!mayLeaveDocument()) return;
    const auto path = m_dialogs.openFile(this, Dialogs::FileKind::Tangle);
    if (!path.isEmpty()) openFile(path);
}

bool MainWindow::openFile(const QString& path)
{
    auto& document = m_studio.document();
    if (!QFileInfo::exists(path)) {
        m_settings.forgetTangle(path);
        m_studio.messages().refuse(tr("%1 is not there any more.").arg(path));
        return false;
    }
    if (const auto done = document.open(path); !done) return openCopyOf(path, done.error());
    m_studio.flown().setYielding(false);
    m_studio.messages().hide(kDraft + path);
    m_settings.rememberTangle(path);
    if (document.isOfEarlierVersion())
        m_studio.messages().note(
            tr("This file is of an earlier version. Saving it writes the present one, "
               "which earlier Jolly Tangles do not open."));
    return true;
}

/// Of a file that cannot be read: one of the copies that are kept of it, if the pilot wants that.
bool MainWindow::openCopyOf(const QString& path, const Failure& why)
{
    const auto copies = earlierCopies(path);
    const auto lines = toQt(why.sentence).split(QLatin1Char('\n'), Qt::SkipEmptyParts);
    const auto chosen = m_dialogs.broken(this, QFileInfo(path).fileName(), lines, copies);
    if (!chosen || *chosen >= copies.size()) return false;
    const auto done = m_studio.document().openEarlier(copies[*chosen].path, path);
    if (!done) {
        m_studio.messages().refuse(toQt(done.error().text()));
        return false;
    }
    m_studio.messages().note(
        tr("An earlier copy is open. Saving puts it in the place of %1; what that holds "
           "now is kept beside it.")
            .arg(QFileInfo(path).fileName()));
    return true;
}

bool MainWindow::openLast()
{
    const auto recent = m_settings.get(settings::kRecentTangles);
    if (recent.isEmpty()) return false;
    const bool isOpen = openFile(recent.front());
    m_studio.flown().setYielding(isOpen);
    return isOpen;
}

bool MainWindow::hasSaved(const Fallible& done)
{
    if (!done) {
        m_dialogs.tell(this, tr("Not saved"), toQt(done.error().text()));
        return false;
    }
    m_studio.messages().say(
        tr("Saved as %1.").arg(QFileInfo(m_studio.document().path()).fileName()));
    return true;
}

bool MainWindow::save()
{
    const auto path = m_studio.document().path();
    if (path.isEmpty()) return saveAs();
    if (!mayReplaceFile()) return false;
    return hasSaved(m_studio.document().save(path));
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
            difference << toQt(sentence);
    }
    const QFileInfo file(document.path());
    const auto answer = m_dialogs.conflict(this, file.fileName(), difference);
    if (answer == Dialogs::Conflict::Cancel) return false;
    return answer == Dialogs::Conflict::Mine || putTheirsAside(*theirs);
}

bool MainWindow::putTheirsAside(const std::string& theirs)
{
    const auto aside = freeNameBeside(QFileInfo(m_studio.document().path()));
    const auto done = format::replaceText(aside.toStdString(), theirs);
    if (!done) {
        m_dialogs.tell(this, tr("Not saved"), toQt(done.error().text()));
        return false;
    }
    m_studio.messages().say(tr("What others saved is in %1.").arg(QFileInfo(aside).fileName()));
    return true;
}

/// Asks nothing more: a tangle without a file gets one, and what others saved is put aside.
bool MainWindow::saveOnTheWayOut()
{
    auto& document = m_studio.document();
    if (const auto theirs = document.othersText(); theirs && !putTheirsAside(*theirs)) return false;
    const auto done = document.save(document.path().isEmpty() ? freshFile() : document.path());
    if (!done) m_studio.messages().refuse(toQt(done.error().text()));
    return done.has_value();
}

QString MainWindow::freshFile() const
{
    auto folder = QStandardPaths::writableLocation(QStandardPaths::DocumentsLocation);
    if (!QFileInfo(folder).isDir()) folder = QDir::homePath();
    auto name = toQt(m_studio.tangle().name);
    name.replace(QLatin1Char('/'), QLatin1Char('-'));
    const QFileInfo file(folder + QLatin1Char('/') + name + QStringLiteral(".tangle"));
    for (int number = 2;; ++number) {
        const auto path = number == 2
                              ? file.filePath()
                              : QStringLiteral("%1/%2 %3.tangle").arg(folder, name).arg(number - 1);
        if (!QFileInfo::exists(path)) return path;
    }
}

void MainWindow::dragEnterEvent(QDragEnterEvent* event)
{
    const auto urls = event->mimeData()->urls();
    if (urls.size() == 1 && urls.front().isLocalFile()) event->acceptProposedAction();
}

void MainWindow::dropEvent(QDropEvent* event)
{
    const auto urls = event->mimeData()->urls();
    if (urls.size() != 1) return;
    event->acceptProposedAction();
    // Not while the other program still waits for the drop to end.
    later(this, [this, path = urls.front().toLocalFile()] { openDropped(path); });
}

void MainWindow::openDropped(const QString& path)
{
    if (path.endsWith(QLatin1String(".tangle"), Qt::CaseInsensitive)) {
        if (mayLeaveDocument()) openFile(path);
    } else if (path.endsWith(QLatin1String(".flight"), Qt::CaseInsensitive)) {
        showPage(Rail::Bench);
        m_bench->log().open(path);
    } else {
        m_studio.messages().refuse(
            tr("%1 is neither a tangle (*.tangle) nor a recording (*.flight).")
                .arg(QFileInfo(path).fileName()));
    }
}

void MainWindow::offerDraft(const QString& path, const QDateTime& when)
{
    m_studio.messages().show(
        {kDraft + path,
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
    const auto suggestion = document.path().isEmpty()
                                ? toQt(document.tangle().name) + QStringLiteral(".tangle")
                                : document.path();
    const auto path = m_dialogs.saveFile(this, Dialogs::FileKind::Tangle, suggestion);
    if (path.isEmpty()) return false;
    return hasSaved(m_studio.document().save(path));
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
    if (done) return m_studio.messages().say(tr("The report is saved as %1.").arg(path));
    m_studio.messages().refuse(toQt(done.error().text()));
}

}  // namespace jolly::app
