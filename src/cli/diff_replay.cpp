// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/commands.h"
#include "cli/recordings.h"
#include "cli/tangle_file.h"
#include "core/flight/compare.h"
#include "core/flight/happening_words.h"
#include "core/tangle/device_edit.h"

#include <cstdio>
#include <iostream>
#include <memory>

namespace jolly
{

namespace
{

std::string standsAt(const Tangle& tangle, const Target& place, const std::optional<Counts>& counts)
{
    if (!counts) return "does not exist";
    return say("%1 (%2)", countsInWords(tangle, place, *counts), counts->x).english();
}

std::string seconds(double t)
{
    char text[32];
    std::snprintf(text, sizeof text, "%.3f", t);
    return text;
}

ExitCode diffReplay(const std::string& fileA, const std::string& fileB, const std::string& file)
{
    auto code = ExitCode::Fine;
    const auto first = readTangleFile(fileA, code);
    if (!first) return code;
    const auto second = readTangleFile(fileB, code);
    if (!second) return code;
    const auto recording = openRecording(file);
    if (!recording) {
        complain(recording.error());
        return ExitCode::Usage;
    }
    for (const auto* tangle : {&*first, &*second}) {
        if (const auto stranger = strangerIn(*recording, *tangle); !stranger.empty())
            std::cerr << "tangle: " << stranger << std::endl;
    }
    const auto compared = firstDifference(*recording, *first, *second);
    if (!compared) {
        complain(compared.error());
        return ExitCode::Usage;
    }
    if (!*compared) {
        std::cout << "Both tangles do the same with this recording." << std::endl;
        return ExitCode::Fine;
    }
    const auto& difference = **compared;
    const auto& named = difference.first ? *first : *second;
    std::cout << "First difference " << seconds(inSeconds(difference.time - recording->first()))
              << " s after the beginning (" << timeOfDay(*recording, difference.time)
              << "): " << placeName(named, difference.place) << "\n  " << fileA << ": "
              << standsAt(*first, difference.place, difference.first) << "\n  " << fileB << ": "
              << standsAt(*second, difference.place, difference.second) << std::endl;
    return ExitCode::Faulty;
}

}  // namespace

void addDiffReplay(CLI::App& app, ExitCode& code)
{
    struct Options {
        std::string first;
        std::string second;
        std::string recording;
    };
    auto options = std::make_shared<Options>();
    auto* command = app.add_subcommand(
        "diff-replay", "Plays a recording through two tangles and names the first difference");
    command->add_option("A", options->first, "Tangle file")->required();
    command->add_option("B", options->second, "Tangle file")->required();
    command->add_option("RECORDING", options->recording, "A recording of a flight, or of evemu")
        ->required();
    command->callback([options, &code] {
        code = diffReplay(options->first, options->second, options->recording);
    });
}

}  // namespace jolly
