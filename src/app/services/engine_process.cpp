// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/services/engine_process.h"

#include <QCoreApplication>
#include <QFileInfo>
#include <QProcess>
#include <QStandardPaths>
#include <QTemporaryFile>
#include <csignal>
#include <memory>

namespace jolly::app
{

QString engineProgram()
{
    const auto beside = QCoreApplication::applicationDirPath() + QStringLiteral("/tangle");
    return QFileInfo::exists(beside) ? beside
                                     : QStandardPaths::findExecutable(QStringLiteral("tangle"));
}

namespace
{

/// A pilot may wait for an engine that is silent as long as it pleases.
constexpr std::chrono::hours kPatience{1};

/// The engine's process as the window started it, with what it said on standard error.
struct Started {
    QTemporaryFile log;
    qint64 pid = 0;
};

Fallible startEngine(Started& started, const QString& program, const QStringList& arguments)
{
    const auto failed = [](const QString& why) {
        return fail(Failure::Code::NotThere, why.toStdString(),
                    words("Check that the program \"tangle\" is installed."));
    };
    if (program.isEmpty())
        return failed(EngineSession::tr("The program \"tangle\" is nowhere to be found."));
    QProcess engine;
    engine.setProgram(program);
    engine.setArguments(arguments);
    engine.setStandardOutputFile(QProcess::nullDevice());
    engine.setStandardErrorFile(started.log.open() ? started.log.fileName()
                                                   : QProcess::nullDevice());
    if (engine.startDetached(&started.pid)) return {};
    return failed(EngineSession::tr("%1 could not be started.").arg(program));
}

/// The last of what it said, when its process has ended; empty while it runs.
QString whyEnded(Started& started)
{
    if (started.pid == 0 || ::kill(static_cast<pid_t>(started.pid), 0) == 0) return {};
    QFile log(started.log.fileName());
    const auto text =
        log.open(QIODevice::ReadOnly) ? QString::fromUtf8(log.readAll()).trimmed() : QString();
    auto last = text.section(QLatin1Char('\n'), -2).replace(QLatin1Char('\n'), QLatin1Char(' '));
    last.remove(QStringLiteral("tangle: "));  // who says it is clear here
    return last.isEmpty() ? EngineSession::tr("It ended at once and said nothing.") : last;
}

}  // namespace

EngineAccess realEngine(const EngineStart& start)
{
    QStringList arguments{QStringLiteral("run"),
                          QStringLiteral("--idle"),
                          QStringLiteral("--world"),
                          start.world,
                          QStringLiteral("--recorder-minutes"),
                          QString::number(start.recorderMinutes),
                          QStringLiteral("--with-clients")};
    if (start.takesKeyboards) arguments << QStringLiteral("--keyboards");
    const auto program = start.program;
    const auto started = std::make_shared<Started>();
    return {.connect = []() -> Result<std::unique_ptr<EngineLink>> {
                auto client = EngineClient::connect(kPatience);
                if (!client) return tl::unexpected(client.error());
                return std::unique_ptr<EngineLink>(std::move(*client));
            },
            .start =
                [started, arguments, program] {
                    return startEngine(*started, program.isEmpty() ? engineProgram() : program,
                                       arguments);
                },
            .whyNot = [started] { return whyEnded(*started); },
            .endByForce = [] { EngineClient::endByForce(); },
            .way = Aside::Way::Thread};
}

}  // namespace jolly::app
