// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/first_look.h"
#include "cli/open_world.h"

#include <cmath>
#include <csignal>
#include <iostream>

namespace jolly
{

namespace
{

/// A move is told when it is a twentieth of the travel away from the last one told.
constexpr double kStep = 0.05;

volatile std::sig_atomic_t g_isStopped = 0;

/// Tells every real move, so that a pilot finds a control by moving it.
class Teller : public FirstLook
{
 public:
    void frame(Handle handle, std::span<const RawMove> moves, Time) noexcept override
    {
        auto& seen = controllers[handle];
        for (const auto& move : moves) tell(seen, move);
    }
    void trouble(const Problem& problem) override
    {
        if (!problem.sentence.empty()) complain({problem}, "tangle");
    }

 private:
    static void tell(Seen& seen, const RawMove& move)
    {
        const auto& control = seen.description.controls[move.control];
        auto& told = seen.state[move.control];
        const double travel = static_cast<double>(control.high) - control.low;
        if (control.kind == ControlKind::Axis && std::abs(move.raw - told.x) < kStep * travel)
            return;
        (move.isHatY ? told.y : told.x) = move.raw;
        std::cout << seen.description.identity.name << "  " << toText(control.code) << "  ";
        if (control.kind == ControlKind::Hat) {
            std::cout << told.x << "," << told.y;
        } else if (control.kind == ControlKind::Button) {
            std::cout << (move.raw != 0 ? "pressed" : "released");
        } else {
            std::cout << move.raw;
        }
        std::cout << std::endl;
    }
};

ExitCode watch(const WorldChoice& choice, double seconds)
{
    const auto world = choice.open();
    if (!world) {
        complain(world.error());
        return codeOf(world.error());
    }
    std::signal(SIGINT, [](int) { g_isStopped = 1; });
    Teller teller;
    const auto end = seconds > 0.0 ? (*world)->now() + std::chrono::duration_cast<Time>(
                                                           std::chrono::duration<double>(seconds))
                                   : Time::max();
    std::cerr << "Move a control. Ctrl+C ends. A controller that is held by a live engine keeps "
                 "silent here."
              << std::endl;
    while (g_isStopped == 0 && (*world)->now() < end) (*world)->wait(end, teller);
    return ExitCode::Fine;
}

}  // namespace

void addWatch(CLI::App& app, ExitCode& code)
{
    struct Options {
        WorldChoice world;
        double seconds = 0.0;
    };
    auto options = std::make_shared<Options>();
    auto* command =
        app.add_subcommand("watch", "Prints what moves, to find a control by touching it");
    options->world.addTo(*command);
    command->add_option("--for", options->seconds, "End after so many seconds")
        ->check(CLI::PositiveNumber);
    command->callback([options, &code] { code = watch(options->world, options->seconds); });
}

}  // namespace jolly
