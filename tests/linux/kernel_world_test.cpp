// SPDX-License-Identifier: GPL-3.0-or-later
#include "linux/kernel_world.h"

#include <gmock/gmock.h>

#include <filesystem>
#include <fstream>
#include <thread>

namespace jolly
{
namespace
{

using testing::ElementsAre;
using testing::HasSubstr;
using testing::IsEmpty;

/// A listener that hears nothing, for worlds without devices.
class Deaf : public WorldListener
{
 public:
    void controllerArrived(Handle, const ControllerDescription&, std::span<const Counts>) override
    {
    }
    void controllerGone(Handle) override {}
    void frame(Handle, std::span<const RawMove>, Time) noexcept override {}
    void keptAlone(std::span<const Handle>, const Fallible&) override {}
    void trouble(const Problem&) override {}
};

std::vector<Handle> due(OpenWatch& watch, Time now)
{
    std::vector<Handle> devices;
    watch.forEachDue(now, [&](Handle device) { devices.push_back(device); });
    return devices;
}

TEST(KernelWorld, WaitingEndsAtItsDeadline)
{
    KernelWorld world(false);
    Deaf listener;
    const auto deadline = world.now() + std::chrono::milliseconds(30);
    while (world.now() < deadline) world.wait(deadline, listener);
    EXPECT_LT(world.now() - deadline, std::chrono::seconds(5));
}

TEST(KernelWorld, WakingEndsAWait)
{
    KernelWorld world(false);
    Deaf listener;
    world.wait(world.now(), listener);
    std::thread waker([&world] { world.wake(); });
    world.wait(Time::max(), listener);
    waker.join();
}

TEST(KernelWorld, WithoutUinputTheSentenceNamesTheCure)
{
    if (std::filesystem::exists("/dev/uinput")) GTEST_SKIP() << "this machine has a uinput";
    KernelWorld world(false);
    const auto made = world.create({.name = "Jolly 1", .slots = {}, .values = {}});
    ASSERT_FALSE(made);
    EXPECT_EQ(made.error().code, Failure::Code::NotThere);
    EXPECT_THAT(made.error().text(), HasSubstr("/dev/uinput is not there"));
    EXPECT_THAT(made.error().text(), HasSubstr("sudo modprobe uinput"));
}

TEST(KernelWorld, AControllerThatIsGoneCannotBeHeld)
{
    KernelWorld world(false);
    EXPECT_EQ(world.hold(77).error().code, Failure::Code::NotThere);
    world.letGo(77);
    EXPECT_EQ(world.write(77, {}), WriteStatus::Gone);
}

TEST(EventNode, AFileThatIsNoDeviceIsRefused)
{
    EXPECT_EQ(EventNode::open("/nowhere/event0", ControllerKind::Stick).error().code,
              Failure::Code::NotThere);
    EXPECT_FALSE(EventNode::open("/dev/null", ControllerKind::Stick));
}

TEST(OpenWatch, AnOpenedDeviceIsDueSoonAndOnceMoreLater)
{
    const auto file =
        std::filesystem::temp_directory_path() / ("jolly-open-" + std::to_string(::getpid()));
    std::ofstream(file) << "x";
    OpenWatch watch;
    watch.watch(5, file.string());
    EXPECT_EQ(watch.nextDeadline(), Time::max());
    std::ifstream reader(file);
    const Time start = std::chrono::seconds(10);
    watch.read(start);
    EXPECT_EQ(watch.nextDeadline(), start + OpenWatch::kSoon);
    EXPECT_THAT(due(watch, start), IsEmpty());
    EXPECT_THAT(due(watch, start + OpenWatch::kSoon), ElementsAre(5));
    EXPECT_THAT(due(watch, start + OpenWatch::kSoon), IsEmpty());
    EXPECT_THAT(due(watch, start + OpenWatch::kLater), ElementsAre(5));
    EXPECT_EQ(watch.nextDeadline(), Time::max());
    watch.forget(5);
    std::filesystem::remove(file);
}

}  // namespace
}  // namespace jolly
