// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/services/autostart.h"

#include "format/save.h"

#include <QDir>
#include <QFile>
#include <QStandardPaths>
#include <utility>

namespace jolly::app
{

namespace
{

const auto kEntry = QStringLiteral("/org.jollytangle.JollyTangle.desktop");

/// A word of a command as the Desktop Entry Specification quotes it.
QString quoted(QString word)
{
    for (const auto* special : {"\\", "\"", "`", "$"})
        word.replace(QLatin1String(special), QLatin1String("\\\\") + QLatin1String(special));
    word.replace(QLatin1Char('%'), QLatin1String("%%"));
    return QLatin1Char('"') + word + QLatin1Char('"');
}

}  // namespace

Autostart::Autostart(QString folder, QString program)
    : m_folder(std::move(folder)), m_program(std::move(program))
{
}

QString Autostart::usualFolder()
{
    return QStandardPaths::writableLocation(QStandardPaths::GenericConfigLocation) +
           QStringLiteral("/autostart");
}

bool Autostart::isOn() const
{
    return QFile::exists(m_folder + kEntry);
}

Fallible Autostart::set(bool isOn) const
{
    const auto file = m_folder + kEntry;
    if (!isOn) {
        if (!QFile::exists(file) || QFile::remove(file)) return {};
        return fail(Failure::Code::NotAllowed,
                    say("The entry %1 cannot be removed.", file.toStdString()),
                    words("Remove it by hand."));
    }
    QDir().mkpath(m_folder);
    const auto text = QStringLiteral(
                          "[Desktop Entry]\nType=Application\nName=Jolly Tangle\n"
                          "Icon=org.jollytangle.JollyTangle\nExec=%1 --background\n")
                          .arg(quoted(m_program));
    return format::replaceText(file.toStdString(), text.toStdString());
}

}  // namespace jolly::app
