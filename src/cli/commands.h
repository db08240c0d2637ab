// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/tangle/problem.h"
#include "core/value/result.h"

#include <CLI/CLI.hpp>

#include <string>

namespace jolly
{

/// What the program says when it ends; documented in the man page.
enum class ExitCode : int {
    Fine = 0,
    Faulty = 1,       ///< the tangle has errors
    Usage = 2,        ///< wrong arguments, or a file that cannot be read
    WorldRefuses = 3  ///< permissions, a missing device, no engine to talk to
};

// Each adds one subcommand, which leaves its exit code in `code`. A new one is a file and a line
// here.
void addDevices(CLI::App& app, ExitCode& code);
void addWatch(CLI::App& app, ExitCode& code);
void addCheck(CLI::App& app, ExitCode& code);
void addRun(CLI::App& app, ExitCode& code);
void addStatus(CLI::App& app, ExitCode& code);
void addLive(CLI::App& app, ExitCode& code);
void addDown(CLI::App& app, ExitCode& code);
void addLayer(CLI::App& app, ExitCode& code);
void addCraft(CLI::App& app, ExitCode& code);
void addReplay(CLI::App& app, ExitCode& code);
void addDiffReplay(CLI::App& app, ExitCode& code);
void addRecord(CLI::App& app, ExitCode& code);
void addWhy(CLI::App& app, ExitCode& code);
void addSweep(CLI::App& app, ExitCode& code);
void addBench(CLI::App& app, ExitCode& code);
void addMeasure(CLI::App& app, ExitCode& code);
void addMap(CLI::App& app, ExitCode& code);
void addExplain(CLI::App& app, ExitCode& code);
void addPlan(CLI::App& app, ExitCode& code);
void addSheets(CLI::App& app, ExitCode& code);
void addLaunch(CLI::App& app, ExitCode& code);
void addGames(CLI::App& app, ExitCode& code);
void addPreflight(CLI::App& app, ExitCode& code);
void addPermit(CLI::App& app, ExitCode& code);
void addKeepRoom(CLI::App& app, ExitCode& code);  ///< for "launch" alone

inline constexpr auto kCommands = {addDevices,    addWatch,  addCheck,     addRun,    addStatus,
                                   addLive,       addDown,   addLayer,     addCraft,  addReplay,
                                   addDiffReplay, addRecord, addWhy,       addSweep,  addBench,
                                   addMeasure,    addMap,    addExplain,   addPlan,   addSheets,
                                   addLaunch,     addGames,  addPreflight, addPermit, addKeepRoom};

/// Says on standard error what went wrong.
void complain(const Failure& failure);
void complain(const Problems& problems, const std::string& file);

/// The code for a failure of the world or of a file.
[[nodiscard]] ExitCode codeOf(const Failure& failure);

}  // namespace jolly
