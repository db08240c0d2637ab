// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/flight/why.h"

#include "cli/commands.h"
#include "cli/recordings.h"
#include "core/tangle/function_edit.h"
#include "core/tangle/lookup.h"
#include "core/tangle/told.h"
#include "core/tangle/virtual_layout.h"
#include "format/recording_file.h"

#include <iostream>
#include <memory>

namespace jolly
{

namespace
{

struct WhyOptions {
    std::string device;
    std::string control;
    std::string recording;
    double ago = 0.0;
};

/// A virtual control by the device's id or name, and its own name.
Result<Target> placeOf(const Tangle& tangle, const std::string& device, const std::string& control)
{
    const auto* known = findNamed(tangle.devices, device);
    if (!known)
        return fail(Failure::Code::NotThere, say("There is no virtual device \"%1\".", device),
                    say("Name one of: %1.",
                        listed(tangle.devices, [](const VirtualDevice& d) { return d.name; })));
    for (const auto& slot : layoutOf(*known)) {
        const auto function = functionName(tangle, settingsOf(*known, slot.control).function);
        if (control == toText(slot.control) || control == nameOf(*known, slot.control) ||
            (!function.empty() && control == function))
            return Target{known->id, slot.control};
    }
    return fail(Failure::Code::NotThere, known->name + " has no control \"" + control + "\".",
                words("Name one such as \"axis 1\" or \"button 1\"; \"tangle map\" lists them."));
}

Fallible tellWhy(const WhyOptions& options)
{
    auto opened =
        options.recording.empty() ? recordingOfEngine({}) : openRecording(options.recording);
    if (!opened) return tl::unexpected(opened.error());
    const auto recording = std::make_shared<const Recording>(std::move(*opened));
    const auto at =
        recording->last() - std::chrono::round<Time>(std::chrono::duration<double>(options.ago));
    const auto tangles = format::tanglesOf(recording);
    const auto standing = recording->standingAt(at);
    if (!standing) return tl::unexpected(standing.error());
    const auto place = placeOf(tangles(standing->tangle()), options.device, options.control);
    if (!place) return tl::unexpected(place.error());
    const auto why = whyOf(*recording, tangles, *place, at);
    if (!why) return tl::unexpected(why.error());
    const auto when = [&](Time time) { return timeOfDay(*recording, time); };
    for (const auto& line : sentencesOf(*why, *recording, when)) std::cout << line << "\n";
    std::cout.flush();
    return {};
}

}  // namespace

void addWhy(CLI::App& app, ExitCode& code)
{
    auto options = std::make_shared<WhyOptions>();
    auto* command = app.add_subcommand(
        "why", "Tells what gave a virtual control its value, from the flight recorder");
    command->add_option("DEVICE", options->device, "Virtual device, by its name or id")->required();
    command->add_option("CONTROL", options->control, "\"axis 1\", \"button 3\", or its function")
        ->required();
    command->add_option("--recording", options->recording,
                        "A recording; without it, what the engine that runs has recorded");
    command->add_option("--ago", options->ago, "So many seconds before its end")
        ->check(CLI::Range(0.0, 1.0e6));
    command->callback([options, &code] {
        const auto done = tellWhy(*options);
        if (!done) complain(done.error());
        code = done ? ExitCode::Fine : codeOf(done.error());
    });
}

}  // namespace jolly
