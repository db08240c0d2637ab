// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/services/engine_process.h"

#include <QCoreApplication>
#include <QFileInfo>
#include <QProcess>
#include <QStandardPaths>

namespace jolly::app
{

QString engineProgram()
{
    const auto beside = QCoreApplication::applicationDirPath() + QStringLiteral("/tangle");
    return QFileInfo::exists(beside) ? beside
                                     : QStandardPaths::findExecutable(QStringLiteral("tangle"));
}

EngineAccess realEngine(const QString& world, bool takesKeyboards)
{
    return {[]() -> Result<std::unique_ptr<EngineLink>> {
                auto client = EngineClient::connect();
                if (!client) return tl::unexpected(client.error());
                return std::unique_ptr<EngineLink>(std::move(*client));
            },
            [world, takesKeyboards] {
                QProcess engine;
                engine.setProgram(engineProgram());
                QStringList arguments{QStringLiteral("run"), QStringLiteral("--idle"),
                                      QStringLiteral("--world"), world};
                if (takesKeyboards) arguments << QStringLiteral("--keyboards");
                engine.setArguments(arguments);
                engine.setStandardErrorFile(QProcess::nullDevice());
                engine.setStandardOutputFile(QProcess::nullDevice());
                return !engine.program().isEmpty() && engine.startDetached();
            }};
}

}  // namespace jolly::app
