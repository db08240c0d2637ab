// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/plan/plan.h"
#include "core/tangle/strand_index.h"
#include "core/weave/weave.h"
#include "crowd.h"
#include "format/files.h"
#include "format/tangle_text.h"

#include <chrono>
#include <cstdio>
#include <functional>

/// What an edit costs besides drawing: for a tangle as it is and with 2,000 strands more. The text
/// is written aside, and read and compiled by the engine's process; the rest is the window's.
namespace jolly::test
{
namespace
{

constexpr int kRounds = 9;
constexpr std::size_t kOthers = 2000;

/// The best of some rounds, in milliseconds.
double measure(const std::function<void()>& deed)
{
    double best = 1e9;
    for (int i = 0; i < kRounds; ++i) {
        const auto start = std::chrono::steady_clock::now();
        deed();
        const std::chrono::duration<double, std::milli> length =
            std::chrono::steady_clock::now() - start;
        best = std::min(best, length.count());
    }
    return best;
}

void run(const Tangle& small)
{
    auto large = small;
    addCrowd(large, kOthers);
    const auto print = [&](const char* what, const std::function<void(const Tangle&)>& deed) {
        const double few = measure([&] { deed(small); });
        const double many = measure([&] { deed(large); });
        std::printf("%-32s %10.2f %14.2f %8.1f\n", what, few, many, many / few);
    };
    std::printf("an edit, ms (best of %d): %zu strands, and with %zu more\n", kRounds,
                small.strands.size(), kOthers);
    print("copied", [](const Tangle& t) { const auto copy = t; });
    print("compared", [](const Tangle& t) {
        if (!(t == t)) std::abort();
    });
    print("strands by source and goal", [](const Tangle& t) { const StrandIndex index(t); });
    print("checked", [](const Tangle& t) { static_cast<void>(findProblems(t)); });
    print("compiled", [](const Tangle& t) { static_cast<void>(compile(t)); });
    print("written as text, aside",
          [](const Tangle& t) { static_cast<void>(format::writeTangle(t)); });
}

}  // namespace
}  // namespace jolly::test

int main(int argc, char** argv)
{
    const auto text = jolly::format::readText(argc > 1 ? argv[1] : "");
    if (!text) {
        std::fprintf(stderr, "%s\n", text.error().text().english().c_str());
        return 1;
    }
    jolly::test::run(jolly::format::readTangle(*text).tangle);
    return 0;
}
