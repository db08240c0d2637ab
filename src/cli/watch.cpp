// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/first_look.h"
#include "cli/moves.h"
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

volatile std::sig_atomic_t g_wantsNoMore = 0;

/// Tells every real move, so that a pilot finds a control by moving it.
class Teller : public FirstLook
{
 public:
    /// @param wantsJson  every count, as a line of a moves file.
    explicit Teller(bool wantsJson) : m_wantsJson(wantsJson) {}

    void frame(Handle handle, std::span<const RawMove> moves, Time time) noexcept override
    {
        auto& seen = controllers[handle];
        for (const auto& move : moves) {
            if (m_wantsJson) {
                write(seen, move, time);
            } else {
                tell(seen, move);
            }
        }
    }
    void trouble(const Problem& problem) override
    {
        FirstLook::trouble(problem);
        if (troubles.contains(problem.path)) complain({problem}, "tangle");
    }

 private:
    static void write(const Seen& seen, const RawMove& move, Time time)
    {
        auto code = seen.description.controls[move.control].code;
        if (move.isHatY) ++code.code;
        std::cout << writeMove(
                         {inSeconds(time), time, seen.description.identity.name, code, move.raw})
                  << std::endl;
    }

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

    bool m_wantsJson;
};

ExitCode watch(const WorldChoice& choice, double seconds, bool wantsJson)
{
    const auto world = choice.open();
    if (!world) {
        complain(world.error());
        return codeOf(world.error());
    }
    std::signal(SIGINT, [](int) { g_wantsNoMore = 1; });
    Teller teller(wantsJson);
    const auto end = seconds > 0.0 ? (*world)->now() + std::chrono::duration_cast<Time>(
                                                           std::chrono::duration<double>(seconds))
                                   : Time::max();
    std::cerr << "Move a control. Ctrl+C ends. A controller that is held by a live engine keeps "
                 "silent here."
              << std::endl;
    while (g_wantsNoMore == 0 && (*world)->now() < end) (*world)->wait(end, teller);
    return ExitCode::Fine;
}

}  // namespace

void addWatch(CLI::App& app, ExitCode& code)
{
    struct Options {
        WorldChoice world;
        double seconds = 0.0;
        bool wantsJson = false;
    };
    auto options = std::make_shared<Options>();
    auto* command =
        app.add_subcommand("watch", "Prints what moves, to find a control by touching it");
    options->world.addTo(*command);
    command->add_option("--for", options->seconds, "End after so many seconds")
        ->check(CLI::PositiveNumber);
    command->add_flag("--json", options->wantsJson,
                      "Every count, one JSON object a line, for replay and measure");
    command->callback(
        [options, &code] { code = watch(options->world, options->seconds, options->wantsJson); });
}

}  // namespace jolly
