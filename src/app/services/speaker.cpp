// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/services/speaker.h"

#include <QProcess>
#include <QStandardPaths>

namespace jolly::app
{

Speaker::Say Speaker::ofDesktop()
{
    const auto program = QStandardPaths::findExecutable(QStringLiteral("spd-say"));
    if (program.isEmpty()) return {};
    return [program](const QString& words) {
        return QProcess::startDetached(
            program, {QStringLiteral("--application-name"), QStringLiteral("jolly-tangle"),
                      QStringLiteral("--priority"), QStringLiteral("important"),
                      QStringLiteral("--"), words});
    };
}

void Speaker::speak(const QString& words)
{
    if (!m_isOn || m_say(words)) return;
    m_isOn = false;
    Q_EMIT failed(tr("Nothing could be spoken. Layers are not spoken any more."));
}

}  // namespace jolly::app
