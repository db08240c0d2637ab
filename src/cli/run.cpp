// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/open_world.h"
#include "cli/running_engine.h"
#include "format/files.h"

#include <sys/prctl.h>
#include <unistd.h>

#include <csignal>
#include <iostream>

namespace jolly
{

namespace
{

struct RunOptions {
    WorldChoice world;
    std::string file;
    double seconds = 0.0;
    bool staysIdle = false;
    bool endsWithParent = false;
    bool endsWithClients = false;
    double recorderMinutes = 15.0;
    double recorderMegabytes = 32.0;
    pid_t parent = 0;  ///< that it ends with; 0 for whoever started it
};

/// How long the world may take to tell what is there before the flight begins.
constexpr Time kSettle = std::chrono::milliseconds(150);

RunningEngine* g_running = nullptr;

void stopRunning(int)
{
    if (g_running) g_running->requestStop();
}

/// Whether the program that started this one is gone already, so that nobody will tell of its end.
bool isOrphan(pid_t parent)
{
    constexpr pid_t kInit = 1;
    return parent == 0 ? getppid() == kInit : getppid() != parent;
}

/// Reads the tangle to run; an empty one when none was named.
Result<Tangle> readFile(const std::string& file, ExitCode& code)
{
    if (file.empty()) return Tangle{};
    const auto text = format::readText(file);
    if (!text) {
        code = ExitCode::Usage;
        return tl::unexpected(text.error());
    }
    const auto read = format::readTangle(*text);
    complain(read.problems, file);
    if (!hasErrors(read.problems)) return read.tangle;
    code = ExitCode::Faulty;
    return fail(Failure::Code::Unreadable, file + " was not run because of these errors.",
                words("Mend them, then run it again."));
}

ExitCode fly(RunningEngine& running, const RunOptions& options)
{
    const auto start = running.now();
    while (running.now() < start + kSettle) running.engine().step(start + kSettle);
    if (!options.staysIdle) {
        if (const auto done = running.engine().goLive(); !done) {
            complain(done.error());
            return ExitCode::WorldRefuses;
        }
    }
    for (const auto& problem : running.problems())
        running.say(oneAfterOther(problem.sentence, problem.cure).english());
    running.say(std::string(options.staysIdle ? "The engine is idle." : "Live.") +
                " Ctrl+C ends it.");
    const auto length =
        std::chrono::duration_cast<Time>(std::chrono::duration<double>(options.seconds));
    running.run(options.seconds > 0.0 ? running.now() + length : Time::max());
    return ExitCode::Fine;
}

ExitCode run(const RunOptions& options)
{
    auto code = ExitCode::Fine;
    const auto tangle = readFile(options.file, code);
    if (!tangle) {
        complain(tangle.error());
        return code;
    }
    auto world = options.world.open();
    if (!world) {
        complain(world.error());
        return codeOf(world.error());
    }
    auto live = LiveMemory::make();
    if (!live) {
        complain(live.error());
        return ExitCode::WorldRefuses;
    }
    RunningEngine running(std::move(*world), std::move(*live));
    const auto service = EngineService::offer(running);
    if (!service) complain(service.error());
    if (!service && service.error().code == Failure::Code::Busy) return ExitCode::WorldRefuses;
    running.setRecorder(
        {std::chrono::round<Time>(std::chrono::duration<double>(60.0 * options.recorderMinutes)),
         static_cast<std::size_t>(options.recorderMegabytes * 1048576.0)});
    running.setEndsWithClients(options.endsWithClients);
    running.begin(*tangle);
    g_running = &running;
    std::signal(SIGINT, stopRunning);
    std::signal(SIGTERM, stopRunning);
    std::signal(SIGHUP, stopRunning);
    std::signal(SIGPIPE, SIG_IGN);
    if (options.endsWithParent) prctl(PR_SET_PDEATHSIG, SIGTERM);
    if (options.endsWithParent && isOrphan(options.parent)) return ExitCode::Fine;
    code = fly(running, options);
    g_running = nullptr;
    // Everything is given back. Who told it to end gets an answer; a tangle that a client sent is
    // not waited for.
    if (service) (*service)->hearNoMore();
    if (running.isReading()) std::_Exit(static_cast<int>(code));
    return code;
}

}  // namespace

void addRun(CLI::App& app, ExitCode& code)
{
    auto options = std::make_shared<RunOptions>();
    auto* command =
        app.add_subcommand("run", "Runs a tangle: makes its virtual devices and moves them");
    command->add_option("FILE", options->file, "Tangle file; none is an empty tangle");
    options->world.addTo(*command);
    command->add_option("--for", options->seconds, "End after so many seconds")
        ->check(CLI::PositiveNumber);
    auto* withParent =
        command->add_flag("--with-parent", options->endsWithParent,
                          "End when the program that started it ends, even if that is killed");
    command
        ->add_option(
            "--parent", options->parent,
            "The process number of that program; the engine does not begin when it is gone")
        ->needs(withParent);
    command->add_flag("--with-clients", options->endsWithClients,
                      "End once it is idle and the last window or command that asked it is gone");
    command
        ->add_option("--recorder-minutes", options->recorderMinutes,
                     "How long the flight recorder looks back")
        ->check(CLI::Range(0.1, 600.0))
        ->capture_default_str();
    command
        ->add_option("--recorder-mb", options->recorderMegabytes,
                     "How much memory it takes for that")
        ->check(CLI::Range(1.0, 4096.0))
        ->capture_default_str();
    command->add_flag("--idle", options->staysIdle, "Wait to be told to go live");
    command->callback([options, &code] { code = run(*options); });
}

}  // namespace jolly
