// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/window/dialogs.h"

#include <QFileDialog>
#include <QMessageBox>
#include <QPushButton>

namespace jolly::app
{

namespace
{

QString filter()
{
    return QObject::tr("Tangles (*.tangle);;All files (*)");
}

}  // namespace

QString RealDialogs::openFile(QWidget* parent)
{
    return QFileDialog::getOpenFileName(parent, QObject::tr("Open a tangle"), {}, filter());
}

QString RealDialogs::saveFile(QWidget* parent, const QString& suggestion)
{
    auto file =
        QFileDialog::getSaveFileName(parent, QObject::tr("Save the tangle"), suggestion, filter());
    if (!file.isEmpty() && !file.contains(QLatin1Char('.'))) file += QStringLiteral(".tangle");
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

void RealDialogs::tell(QWidget* parent, const QString& title, const QString& sentence)
{
    QMessageBox::warning(parent, title, sentence);
}

}  // namespace jolly::app
