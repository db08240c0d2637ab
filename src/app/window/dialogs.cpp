// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/window/dialogs.h"

#include "app/services/engine_process.h"
#include "app/window/panel.h"

#include <QCheckBox>
#include <QFileDialog>
#include <QFileInfo>
#include <QFileInfo>
#include <QLocale>
#include <QProcess>

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
    // The dialog itself adds the ending, before it asks whether a file may be replaced.
    QFileDialog dialog(parent, QObject::tr(words.save), suggestion, QObject::tr(words.filter));
    dialog.setAcceptMode(QFileDialog::AcceptSave);
    dialog.setDefaultSuffix(QString::fromLatin1(words.ending).mid(1));
    const QFileInfo at(suggestion);
    if (!at.fileName().isEmpty()) dialog.selectFile(at.fileName());
    if (dialog.exec() != QDialog::Accepted || dialog.selectedFiles().isEmpty()) return {};
    return dialog.selectedFiles().front();
}

Dialogs::Answer RealDialogs::unsaved(QWidget* parent, const QString& name)
{
    Panel panel(QObject::tr("%1 has changes that are not saved").arg(name), parent);
    panel.addWords(QObject::tr("Another tangle is about to take its place in this window."));
    panel.addWay(QObject::tr("Save it first"), 1);
    panel.addWay(QObject::tr("Give the changes up"), 2);
    panel.addWay(QObject::tr("Stay with it"), 0);
    switch (panel.exec()) {
        case 1:
            return Answer::Save;
        case 2:
            return Answer::Discard;
        default:
            return Answer::Cancel;
    }
}

Dialogs::Conflict RealDialogs::conflict(QWidget* parent, const QString& file,
                                        const QStringList& difference)
{
    Panel panel(QObject::tr("%1 was changed elsewhere").arg(file), parent);
    panel.addWords(
        QObject::tr("Another window or program saved it since it was opened here. The "
                    "earlier text is kept either way. What this window has otherwise:"));
    panel.addLines(difference);
    panel.addWay(QObject::tr("Put theirs aside, save mine"), 1);
    panel.addWay(QObject::tr("Save mine"), 2);
    panel.addWay(QObject::tr("Save nothing yet"), 0);
    switch (panel.exec()) {
        case 1:
            return Conflict::TheirsAside;
        case 2:
            return Conflict::Mine;
        default:
            return Conflict::Cancel;
    }
}

std::optional<Dialogs::Leave> RealDialogs::leaving(QWidget* parent, const Parting& parting)
{
    Panel panel(parting.hasChanges
                    ? QObject::tr("%1 has changes that are not saved").arg(parting.name)
                    : QObject::tr("The flight is live"),
                parent);
    QCheckBox* fly = nullptr;
    if (parting.hasChanges)
        panel.addWords(QObject::tr("Saving puts it into %1.").arg(parting.file));
    if (parting.isLive) {
        panel.addWords(
            QObject::tr("The flight can go on without this window; open the window "
                        "again to come back to it."));
    }
    if (parting.isLive && parting.hasChanges) {
        fly = new QCheckBox(QObject::tr("Keep flying without the window"));
        fly->setChecked(true);
        panel.column().addWidget(fly);
    }
    if (parting.hasChanges) {
        panel.addWay(QObject::tr("Save and close"), 1);
        panel.addWay(QObject::tr("Close without saving"), 2);
    } else {
        panel.addWay(QObject::tr("Keep flying"), 3);
        panel.addWay(QObject::tr("Stand down and close"), 2);
    }
    panel.addWay(QObject::tr("Stay"), 0);
    const int way = panel.exec();
    if (way == 0) return std::nullopt;
    return Leave{way == 1, way == 3 || (fly && fly->isChecked())};
}

std::optional<Ends> RealDialogs::removing(QWidget* parent, const QString& device,
                                          std::size_t strands)
{
    Panel panel(
        QObject::tr("%n strand(s) end at %1", nullptr, static_cast<int>(strands)).arg(device),
        parent);
    panel.addWords(
        QObject::tr("They can end at free places of other devices, or go with it. Undo "
                    "takes it back."));
    panel.addWay(QObject::tr("Move to free places elsewhere"), 1);
    panel.addWay(QObject::tr("Remove, too"), 2);
    panel.addWay(QObject::tr("Keep the device"), 0);
    switch (panel.exec()) {
        case 1:
            return Ends::Moved;
        case 2:
            return Ends::Cut;
        default:
            return std::nullopt;
    }
}

std::optional<std::size_t> RealDialogs::broken(QWidget* parent, const QString& file,
                                               const QStringList& why,
                                               const std::vector<EarlierCopy>& copies)
{
    constexpr std::size_t kMostCopies = 3;
    Panel panel(QObject::tr("%1 cannot be read").arg(file), parent);
    panel.addWords(copies.empty()
                       ? QObject::tr("It was left as it is, and no earlier copy of it is kept.")
                       : QObject::tr("It was left as it is. Earlier copies are kept: one can be "
                                     "opened in its place."));
    panel.addLines(why);
    for (std::size_t i = 0; i < std::min(copies.size(), kMostCopies); ++i)
        panel.addChoice(QObject::tr("Open the copy of %1")
                            .arg(QLocale().toString(copies[i].when, QLocale::ShortFormat)),
                        static_cast<int>(i) + 1);
    panel.addWay(QObject::tr("Leave it"), 0);
    const int way = panel.exec();
    if (way == 0) return std::nullopt;
    return static_cast<std::size_t>(way) - 1;
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
    Panel panel(title, parent);
    if (lines.size() == 1) {
        panel.addWords(lines.front());
    } else {
        panel.addLines(lines);
    }
    panel.addWay(QObject::tr("Go on"), 0);
    panel.exec();
}

}  // namespace jolly::app
