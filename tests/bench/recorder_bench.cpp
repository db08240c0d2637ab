// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/flight/flight_player.h"
#include "core/tangle/edit.h"
#include "engine/engine.h"
#include "engine/recorder.h"
#include "format/recording_file.h"
#include "pretend/memory_world.h"
#include "support/small_tangle.h"

#include <sys/resource.h>

#include <chrono>
#include <cstdio>
#include <filesystem>
#include <thread>

/// The flight recorder under load: eight controllers that each report 8,000 times a second, what is
/// lost of it, and what it takes of memory; then how long an hour of flight takes to open.
namespace jolly::test
{
namespace
{

using Clock = std::chrono::steady_clock;

constexpr int kControllers = 8;
constexpr int kRate = 8000;
constexpr int kSeconds = 10;
constexpr std::size_t kLimit = std::size_t{32} << 20U;

double secondsOf(Clock::duration length)
{
    return std::chrono::duration<double>(length).count();
}

long peakMemoryKb()
{
    rusage usage{};
    getrusage(RUSAGE_SELF, &usage);
    return usage.ru_maxrss;
}

Tangle crowdedDesk(MemoryWorld& world, std::vector<Handle>& sticks)
{
    auto tangle = smallTangle();
    tangle.devices.front().axes = 8;
    tangle.rig.clear();
    for (int c = 0; c < kControllers; ++c) {
        auto rig = smallStick("stick-" + std::to_string(c));
        rig.identity.name += " " + std::to_string(c);
        tangle.rig.push_back(rig);
        addStrand(tangle, kX, axis(static_cast<std::uint16_t>(c + 1))).source.controller = rig.id;
        sticks.push_back(world.plug(describe(rig)));
    }
    return tangle;
}

void measureLoad()
{
    MemoryWorld world;
    world.record(false);
    auto live = std::move(*LiveMemory::make());
    StatusBoard board;
    Engine engine(world, live.block(), board);
    Recorder recorder(live.block(), board);
    std::vector<Handle> sticks;
    const auto tangle = crowdedDesk(world, sticks);
    engine.take(std::make_unique<WovenTangle>(tangle));
    engine.step(world.now());
    if (!engine.goLive()) std::abort();
    const auto start = Clock::now();
    std::uint64_t frames = 0;
    for (int ms = 0; ms < kSeconds * 1000; ++ms) {
        for (int burst = 0; burst < kRate / 1000; ++burst) {
            for (const auto stick : sticks) {
                const auto raw = static_cast<std::int32_t>((frames * 37) % 2000) - 1000;
                world.move(stick, {{0, false, raw}, {1, false, -raw}});
                ++frames;
            }
            world.setNow(world.now() + std::chrono::microseconds(1000000 / kRate));
            engine.step(world.now());
        }
        std::this_thread::sleep_until(start + std::chrono::milliseconds(ms + 1));
    }
    recorder.drain();
    const auto recording = recorder.recording();
    std::uint64_t gaps = 0;
    std::uint64_t kept = 0;
    static_cast<void>(recording.forEach(
        0, [](const Standing&) {},
        [&](const Happening& happening) {
            if (happening.kind == Happening::Kind::Gap)
                gaps += static_cast<std::uint64_t>(happening.raw);
            ++kept;
            return true;
        }));
    std::printf("%d controllers, %d reports a second each, %d s (%.1f s taken):\n", kControllers,
                kRate, kSeconds, secondsOf(Clock::now() - start));
    std::printf("  frames %llu, happenings kept %llu, lost %llu\n",
                static_cast<unsigned long long>(frames), static_cast<unsigned long long>(kept),
                static_cast<unsigned long long>(gaps));
    std::printf("  recorder %.1f MB of %.1f MB\n", static_cast<double>(recorder.bytes()) / 1e6,
                static_cast<double>(kLimit) / 1e6);
}

void measureHour()
{
    const auto tangle = smallTangle();
    const auto path = std::filesystem::temp_directory_path() / "hour.flight";
    {
        RecordingMaker maker;
        const auto description = describe(tangle.rig[0]);
        maker.addController(description);
        maker.arrive(0, std::vector<Counts>(description.controls.size()), {});
        const auto track = maker.trackOf({0, 0, {}});
        const auto place = maker.trackOf({.place = {"jolly", axis(1)}});
        constexpr int kMoves = 3600 * 1000;
        for (int i = 1; i <= kMoves; ++i) {
            const auto time = i * Time(std::chrono::milliseconds(1));
            maker.add({Happening::Kind::Move, false, true, track, i % 1000, time});
            maker.add({Happening::Kind::Change, false, false, place, i % 777, time});
        }
        const auto bytes = *format::writeRecording(maker.finish());
        auto* file = std::fopen(path.c_str(), "wb");
        if (!file || std::fwrite(bytes.data(), 1, bytes.size(), file) != bytes.size()) std::abort();
        std::fclose(file);
    }
    const auto before = peakMemoryKb();
    const auto start = Clock::now();
    const auto recording = format::openRecording(path);
    const auto opened = Clock::now();
    if (!recording) std::abort();
    static_cast<void>(recording->standingAt(std::chrono::minutes(31)));
    const auto scrubbed = Clock::now();
    std::printf(
        "an hour at 1,000 moves a second, %.0f MB: opened in %.3f s, a moment of it shown "
        "in %.4f s, %ld kB of memory more\n",
        static_cast<double>(std::filesystem::file_size(path)) / 1e6, secondsOf(opened - start),
        secondsOf(scrubbed - opened), peakMemoryKb() - before);
    std::filesystem::remove(path);
}

/// A flight during which a curve is dragged, each step of it an edit of a tangle of 200 kB.
void measureEdits(int edits)
{
    std::string text(200'000, 'x');
    for (std::size_t i = 0; i < text.size(); i += 50) text[i] = '\n';
    RecordingMaker maker;
    for (int i = 0; i < edits; ++i) {
        text.replace(120'000, 6, std::to_string(100'000 + i));
        maker.addTangle(text);
        maker.add({.kind = Happening::Kind::Tangle,
                   .what = static_cast<std::uint32_t>(i),
                   .time = i * Time(std::chrono::milliseconds(16))});
    }
    const auto recording = maker.finish();
    const auto before = peakMemoryKb();
    const auto start = Clock::now();
    TextWalk walk(recording);
    std::size_t read = 0;
    for (std::uint32_t i = 0; i < static_cast<std::uint32_t>(edits); ++i) read += walk.at(i).size();
    const auto walked = Clock::now();
    if (read != static_cast<std::size_t>(edits) * text.size()) std::abort();
    std::printf("%5d edits: the text of each made in %.1f us, %ld kB of memory more\n", edits,
                secondsOf(walked - start) * 1e6 / edits, peakMemoryKb() - before);
}

}  // namespace
}  // namespace jolly::test

int main()
{
    jolly::test::measureLoad();
    jolly::test::measureHour();
    for (const int edits : {500, 2000, 8000}) jolly::test::measureEdits(edits);
    return 0;
}
