// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/window/dialogs.h"

#include "app/services/engine_process.h"

#include <QFileDialog>
#include <QMessageBox>
#include <QProcess>
#include <QPushButton>

namespace jolly::app
{

namespace
{

/// What is asked for each kind of file.
struct FileWords {
    const char* open;
    const char* save;
    const char* filter;
    const char* ending;
};

constexpr FileWords kFileWords[] = {
    {QT_TRANSLATE_NOOP("QObject", "Open a tangle"), QT_TRANSLATE_NOOP("QObject", "Save the tangle"),
     QT_TRANSLATE_NOOP("QObject", "Tangles (*.tangle);;All files (*)"), ".tangle"},
    {QT_TRANSLATE_NOOP("QObject", "Import a faceplate"),
     QT_TRANSLATE_NOOP("QObject", "Export the faceplate"),
     QT_TRANSLATE_NOOP("QObject", "Faceplates (*.faceplate);;All files (*)"), ".faceplate"},
    {QT_TRANSLATE_NOOP("QObject", "Choose a sim sheet"),
     QT_TRANSLATE_NOOP("QObject", "Save the sim sheet"),
     QT_TRANSLATE_NOOP("QObject", "Sim sheets (*.simsheet);;All files (*)"), ".simsheet"},
    {QT_TRANSLATE_NOOP("QObject", "Choose a picture of the craft"), "",
     QT_TRANSLATE_NOOP("QObject", "Pictures (*.png *.jpg *.jpeg *.svg);;All files (*)"), ".png"},
    {QT_TRANSLATE_NOOP("QObject", "Open a recording"), "",
     QT_TRANSLATE_NOOP("QObject", "Recordings (*.flight);;All files (*)"), ".flight"},
    {"", QT_TRANSLATE_NOOP("QObject", "Save the report of the walk"),
     QT_TRANSLATE_NOOP("QObject", "Pages (*.html);;Texts (*.txt)"), ".html"}};

/// What a dialog shows at once; the rest is behind a button, where it scrolls.
constexpr qsizetype kMostLines = 8;

const FileWords& wordsFor(Dialogs::FileKind kind)
{
    return kFileWords[static_cast<std::size_t>(kind)];
}

}  // namespace

QString RealDialogs::openFile(QWidget* parent, FileKind kind)
{
    const auto& words = wordsFor(kind);
    return QFileDialog::getOpenFileName(parent, QObject::tr(words.open), {},
                                        QObject::tr(words.filter));
}

QString RealDialogs::saveFile(QWidget* parent, FileKind kind, const QString& suggestion)
{
    const auto& words = wordsFor(kind);
    auto file = QFileDialog::getSaveFileName(parent, QObject::tr(words.save), suggestion,
                                             QObject::tr(words.filter));
    if (!file.isEmpty() && !file.contains(QLatin1Char('.'))) file += QLatin1String(words.ending);
    return file;
}

Dialogs::Answer RealDialogs::unsaved(QWidget* parent, const QString& name)
{
    const auto choice =
        QMessageBox::question(parent, QObject::tr("Not saved"),
                              QObject::tr("%1 has changes that are not saved.").arg(name),
                              QMessageBox::Save | QMessageBox::Discard | QMessageBox::Cancel);
    if (choice == QMessageBox::Save) return Answer::Save;
    return choice == QMessageBox::Discard ? Answer::Discard : Answer::Cancel;
}

Dialogs::Conflict RealDialogs::conflict(QWidget* parent, const QString& file,
                                        const QStringList& difference)
{
    QMessageBox box(QMessageBox::Question, QObject::tr("Changed elsewhere"),
                    QObject::tr("%1 was changed by another window or program since it was opened "
                                "here. The earlier text is kept either way.")
                        .arg(file),
                    QMessageBox::Cancel, parent);
    box.setTextFormat(Qt::PlainText);
    box.setInformativeText(
        QObject::tr("What this window has otherwise:") + QLatin1Char('\n') +
        difference.mid(0, kMostLines).join(QLatin1Char('\n')) +
        (difference.size() > kMostLines
             ? QLatin1Char('\n') + QObject::tr("and %1 more.").arg(difference.size() - kMostLines)
             : QString()));
    if (difference.size() > kMostLines) box.setDetailedText(difference.join(QLatin1Char('\n')));
    const auto* mine = box.addButton(QObject::tr("Save mine"), QMessageBox::AcceptRole);
    const auto* aside =
        box.addButton(QObject::tr("Put theirs aside, save mine"), QMessageBox::AcceptRole);
    box.exec();
    if (box.clickedButton() == mine) return Conflict::Mine;
    return box.clickedButton() == aside ? Conflict::TheirsAside : Conflict::Cancel;
}

Dialogs::Leaving RealDialogs::leaving(QWidget* parent)
{
    QMessageBox box(QMessageBox::Question, QObject::tr("Still live"),
                    QObject::tr("The flight is live. It can go on without this window; open the "
                                "window again to come back to it."),
                    QMessageBox::Cancel, parent);
    const auto* keep = box.addButton(QObject::tr("Keep flying"), QMessageBox::AcceptRole);
    const auto* down = box.addButton(QObject::tr("Stand down"), QMessageBox::DestructiveRole);
    box.exec();
    if (box.clickedButton() == keep) return Leaving::KeepFlying;
    return box.clickedButton() == down ? Leaving::StandDown : Leaving::Cancel;
}

std::optional<Ends> RealDialogs::removing(QWidget* parent, const QString& device,
                                          std::size_t strands)
{
    QMessageBox box(QMessageBox::Question, QObject::tr("Strands end there"),
                    (strands == 1 ? QObject::tr("One strand ends at %1.").arg(device)
                                  : QObject::tr("%1 strands end at %2.").arg(strands).arg(device)) +
                        QObject::tr(" What becomes of it? Undo takes it back."),
                    QMessageBox::Cancel, parent);
    const auto* move =
        box.addButton(QObject::tr("Move to free places elsewhere"), QMessageBox::AcceptRole);
    const auto* cut = box.addButton(QObject::tr("Remove, too"), QMessageBox::DestructiveRole);
    box.exec();
    if (box.clickedButton() == move) return Ends::Moved;
    if (box.clickedButton() == cut) return Ends::Cut;
    return std::nullopt;
}

void RealDialogs::permit(QWidget* parent, const std::function<void(const QString&)>& told)
{
    auto* process = new QProcess(parent);
    QObject::connect(process, &QProcess::errorOccurred, parent, [told] {
        told(QObject::tr("The administrator cannot be asked from here; use the command instead."));
    });
    QObject::connect(process, &QProcess::finished, parent, [told](int code) {
        told(code == 0 ? QObject::tr("Done.")
                       : QObject::tr("Nothing was permitted; try again, or use the command."));
    });
    process->start(QStringLiteral("pkexec"), {engineProgram(), QStringLiteral("permit")});
}

void RealDialogs::tell(QWidget* parent, const QString& title, const QString& sentence)
{
    const auto lines = sentence.split(QLatin1Char('\n'), Qt::SkipEmptyParts);
    QMessageBox box(QMessageBox::Warning, title, lines.mid(0, kMostLines).join(QLatin1Char('\n')),
                    QMessageBox::Ok, parent);
    box.setTextFormat(Qt::PlainText);
    if (lines.size() > kMostLines) {
        box.setInformativeText(QObject::tr("And %1 more lines.").arg(lines.size() - kMostLines));
        box.setDetailedText(sentence);
    }
    box.exec();
}

}  // namespace jolly::app
