// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/with_engine.h"
#include "control/delay_figures.h"

#include <nlohmann/json.hpp>

#include <iomanip>
#include <iostream>
#include <memory>
#include <thread>

namespace jolly
{

namespace
{

using Json = nlohmann::ordered_json;

/// What happened in a while.
struct BenchFigures {
    double seconds = 0.0;
    DelayFigures sent;  ///< from the kernel's stamp of a move to our write
    DelayFigures seen;  ///< to what a game reads
    std::uint64_t events = 0;
    std::uint64_t frames = 0;
    std::uint64_t lost = 0;
};

Result<BenchFigures> measure(EngineLink& engine, double seconds)
{
    const auto view = engine.values();
    if (!view) return tl::unexpected(view.error());
    if (auto done = engine.lookAsGame(); !done) return tl::unexpected(done.error());
    constexpr auto kOften = std::chrono::seconds(1);
    std::this_thread::sleep_for(kOften / 2);  // until it reads
    const auto before = view->counts();
    const auto start = std::chrono::steady_clock::now();
    const auto end =
        start + std::chrono::duration_cast<Time>(std::chrono::duration<double>(seconds));
    while (std::chrono::steady_clock::now() < end) {
        if (auto done = engine.lookAsGame(); !done) return tl::unexpected(done.error());
        std::this_thread::sleep_until(std::min(end, std::chrono::steady_clock::now() + kOften));
    }
    const auto now = view->counts();
    return BenchFigures{inSeconds(std::chrono::steady_clock::now() - start),
                        figuresOf(since(before.sent, now.sent)),
                        figuresOf(since(before.seen, now.seen)),
                        now.events - before.events,
                        now.frames - before.frames,
                        now.losses - before.losses};
}

double micros(Time time)
{
    return std::chrono::duration<double, std::micro>(time).count();
}

void print(const std::string& what, const DelayFigures& figures)
{
    std::cout << what << ": ";
    if (figures.count == 0) {
        std::cout << "nothing moved\n";
        return;
    }
    std::cout << "middle " << micros(figures.middle) << " µs, 99 % under " << micros(figures.most)
              << " µs, worst under " << micros(figures.worst) << " µs (" << figures.count
              << " measured)\n";
}

Json jsonOf(const DelayFigures& figures)
{
    return {{"measured", figures.count},
            {"middleUs", micros(figures.middle)},
            {"under99Us", micros(figures.most)},
            {"worstUs", micros(figures.worst)}};
}

void print(const BenchFigures& figures, bool wantsJson)
{
    const auto rate = [&](std::uint64_t count) {
        return static_cast<double>(count) / figures.seconds;
    };
    if (wantsJson) {
        std::cout << Json{{"seconds", figures.seconds},
                          {"eventsASecond", rate(figures.events)},
                          {"framesASecond", rate(figures.frames)},
                          {"lost", figures.lost},
                          {"toWrite", jsonOf(figures.sent)},
                          {"toGame", jsonOf(figures.seen)}}
                         .dump(2)
                  << std::endl;
        return;
    }
    std::cout << std::fixed << std::setprecision(1);
    std::cout << "In " << figures.seconds << " s " << rate(figures.events)
              << " events a second from the controllers, " << rate(figures.frames)
              << " frames a second to games.\n";
    print("From the event to our write", figures.sent);
    print("From the event to what a game reads", figures.seen);
    std::cout << (figures.lost == 0 ? std::string("No event was lost.")
                                    : std::to_string(figures.lost) +
                                          " times the kernel dropped events, since they were not "
                                          "read fast enough: the machine is too busy.")
              << std::endl;
}

}  // namespace

void addBench(CLI::App& app, ExitCode& code)
{
    struct Options {
        double seconds = 10.0;
        bool wantsJson = false;
    };
    auto options = std::make_shared<Options>();
    auto* command = app.add_subcommand(
        "bench", "Measures what the engine that runs adds in delay, and how much comes and goes");
    command->add_option("--for", options->seconds, "Measure for so many seconds")
        ->check(CLI::PositiveNumber)
        ->capture_default_str();
    command->add_flag("--json", options->wantsJson, "As JSON");
    command->callback([options, &code] {
        code = withEngine([&](EngineLink& engine) -> Fallible {
            const auto figures = measure(engine, options->seconds);
            if (!figures) return tl::unexpected(figures.error());
            print(*figures, options->wantsJson);
            return {};
        });
    });
}

}  // namespace jolly
