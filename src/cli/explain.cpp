// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/weave/explain.h"

#include "cli/commands.h"
#include "cli/tangle_file.h"
#include "core/tangle/lookup.h"
#include "core/tangle/told.h"
#include "core/tangle/virtual_layout.h"

#include <iostream>
#include <memory>

namespace jolly
{

namespace
{

using Lines = Result<std::vector<Sentence>>;

/// A control by the pilot's name for it or by the kernel's.
Lines explainOf(const Tangle& tangle, const RigController& controller, const std::string& name)
{
    for (const auto& control : controller.controls) {
        if (name == nameOf(controller, control) || name == toText(control.code))
            return explainControl(tangle, {controller.id, control.code});
    }
    return fail(Failure::Code::NotThere, say("%1 has no control \"%2\".", controller.alias, name),
                say("Name one of: %1.", listed(controller.controls, [&](const RigControl& c) {
                        return nameOf(controller, c);
                    })));
}

Lines explainOf(const Tangle& tangle, const VirtualDevice& device, const std::string& name)
{
    for (const auto& slot : layoutOf(device)) {
        if (name == toText(slot.control) || name == nameOf(device, slot.control))
            return explainPlace(tangle, {device.id, slot.control});
    }
    return fail(Failure::Code::NotThere, say("%1 has no control \"%2\".", device.name, name),
                words("Name one such as \"axis 1\" or \"button 1\"; \"tangle map\" lists them."));
}

Lines explainOf(const Tangle& tangle, const std::string& where, const std::string& name)
{
    for (const auto& controller : tangle.rig) {
        if (where == controller.alias || where == controller.id)
            return explainOf(tangle, controller, name);
    }
    for (const auto& device : tangle.devices) {
        if (where == device.name || where == device.id) return explainOf(tangle, device, name);
    }
    return fail(Failure::Code::NotThere,
                say("The tangle has no controller or virtual device \"%1\".", where),
                say("Name one of: %1, %2.",
                    listed(tangle.rig, [](const RigController& c) { return c.alias; }),
                    listed(tangle.devices, [](const VirtualDevice& d) { return d.name; })));
}

ExitCode explain(const std::string& file, const std::string& where, const std::string& name)
{
    auto code = ExitCode::Fine;
    const auto tangle = readTangleFile(file, code);
    if (!tangle) return code;
    const auto lines = explainOf(*tangle, where, name);
    if (!lines) {
        complain(lines.error());
        return ExitCode::Usage;
    }
    for (const auto& line : *lines) std::cout << line << "\n";
    return ExitCode::Fine;
}

}  // namespace

void addExplain(CLI::App& app, ExitCode& code)
{
    struct Options {
        std::string file, where, name;
    };
    auto options = std::make_shared<Options>();
    auto* command = app.add_subcommand(
        "explain", "Says what a control does at both edges, or what feeds a virtual one");
    command->add_option("FILE", options->file, "Tangle file")->required();
    command->add_option("WHERE", options->where, "Controller or virtual device")->required();
    command
        ->add_option("CONTROL", options->name, "Its control: \"Trigger\", BTN_TRIGGER, \"axis 1\"")
        ->required();
    command->callback(
        [options, &code] { code = explain(options->file, options->where, options->name); });
}

}  // namespace jolly
