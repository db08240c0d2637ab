// SPDX-License-Identifier: GPL-3.0-or-later
#include "control/bus_names.h"
#include "control/engine_client.h"
#include "control/engine_service.h"
#include "engine/live_memory.h"
#include "mortal_bus.h"

#include <gmock/gmock.h>
#include <sdbus-c++/sdbus-c++.h>
#include <sys/eventfd.h>
#include <sys/mman.h>
#include <unistd.h>

#include <mutex>
#include <semaphore>
#include <thread>

namespace jolly
{
namespace
{

using testing::HasSubstr;

/// An engine's program that does nothing but answer.
class Host : public EngineHost
{
 public:
    void hearFrom(const std::string& name) override { client = name; }
    void lastClientLeft() override { static_cast<void>(note("alone")); }
    Problems load(const std::string& tangle, bool& accepted) override
    {
        loaded = tangle;
        accepted = tangle != "bad";
        return {{Severity::Warning, "/a", words("Seen."), words("Fine."), 1, 2}};
    }
    Fallible goLive() override
    {
        return fail(Failure::Code::NotAllowed, words("You may not."), words("Ask."), 13);
    }
    Fallible standDown() override { return {}; }
    Fallible flipLayer(const std::string& layer) override
    {
        return layer == "water" ? Fallible()
                                : fail(Failure::Code::NotThere, words("No such layer."), {});
    }
    Fallible chooseCraft(const std::string&) override { return {}; }
    Fallible quit() override
    {
        hasQuit = true;
        return {};
    }
    Fallible holdByHand(const Target& place, Value value) override
    {
        return note("hold " + place.device + " " + toText(place.control) + " " +
                    std::to_string(value.x) + " " + std::to_string(value.y));
    }
    Fallible letGoByHand(const Target& place) override
    {
        return note("let go " + place.device + " " + toText(place.control));
    }
    Fallible letGoAllByHand() override { return note("let all go"); }
    Fallible keepHand() override { return note("keep"); }
    Fallible learn(const std::vector<Target>& places) override
    {
        for (const auto& place : places)
            static_cast<void>(note("learn " + place.device + " " + toText(place.control)));
        return {};
    }
    Fallible sweep(SweepWay way) override { return note("sweep " + std::string(nameOf(way))); }
    Fallible lookAsGame() override { return note("look"); }
    Result<UniqueFd> recording(Time since) override
    {
        UniqueFd fd(memfd_create("recording", MFD_CLOEXEC));
        const auto text = std::to_string(since.count());
        EXPECT_EQ(::write(fd.get(), text.data(), text.size()), static_cast<ssize_t>(text.size()));
        return fd;
    }
    Result<std::string> keepRecording(const std::string& path) override
    {
        if (path == "full")
            return fail(Failure::Code::System, words("The disk is full."), words("Free some."));
        return path + " kept";
    }
    std::shared_ptr<const EngineStatus> status() const override
    {
        return std::make_shared<EngineStatus>(EngineStatus{.tangle = "T"});
    }
    Problems problems() const override
    {
        return {{Severity::Error, "/b", words("Bad."), words("Mend."), 0, 0}};
    }
    std::string tangle() const override { return loaded; }
    int liveFd() const override { return live.fd(); }
    FliesAs fliesAs() const override { return {"gannet-12", {"water", "trim"}}; }
    int fliesAsFd() const override { return news; }

    Fallible note(const std::string& what)
    {
        const std::scoped_lock lock(m_mutex);
        m_said.push_back(what);
        return {};
    }
    std::vector<std::string> said() const
    {
        const std::scoped_lock lock(m_mutex);
        return m_said;
    }

    int news = eventfd(0, EFD_CLOEXEC | EFD_NONBLOCK);
    LiveMemory live = std::move(*LiveMemory::make());
    std::string client;
    std::string loaded;
    std::atomic<bool> hasQuit = false;

 private:
    mutable std::mutex m_mutex;  ///< the bus has a thread of its own
    std::vector<std::string> m_said;
};

TEST(EngineBus, ItHearsWhenTheLastOfItsClientsIsGone)
{
    Host host;
    const auto service = EngineService::offer(host);
    ASSERT_TRUE(service);
    auto one = EngineClient::connect();
    auto other = EngineClient::connect();
    ASSERT_TRUE(one && other);
    ASSERT_TRUE((*one)->status());
    ASSERT_TRUE((*other)->status());
    one->reset();
    ASSERT_TRUE((*other)->status()) << "the bus told of the first one's end before";
    EXPECT_TRUE(host.said().empty());
    other->reset();
    for (int i = 0; i < 500 && host.said().empty(); ++i)
        std::this_thread::sleep_for(std::chrono::milliseconds(10));
    EXPECT_EQ(host.said(), std::vector<std::string>{"alone"});
}

TEST(EngineBus, HandsAndRecordingsGoThereAndBack)
{
    Host host;
    const auto service = EngineService::offer(host);
    ASSERT_TRUE(service);
    const auto client = EngineClient::connect();
    ASSERT_TRUE(client);
    const Target axis{"jolly-1", {ControlKind::Axis, 3}};
    const Target key{"keys", {ControlKind::Button, 30}};
    EXPECT_TRUE((*client)->holdByHand(axis, {0.25, -1.0}));
    EXPECT_TRUE((*client)->letGoByHand(axis));
    EXPECT_TRUE((*client)->letGoAllByHand());
    EXPECT_TRUE((*client)->keepHand());
    EXPECT_TRUE((*client)->learn({key, axis}));
    EXPECT_TRUE((*client)->sweep(SweepWay::Left));
    EXPECT_TRUE((*client)->lookAsGame());
    EXPECT_THAT(host.said(), testing::ElementsAre("hold jolly-1 axis 3 0.250000 -1.000000",
                                                  "let go jolly-1 axis 3", "let all go", "keep",
                                                  "learn keys button 30", "learn jolly-1 axis 3",
                                                  "sweep left", "look"));
    const auto file = (*client)->recording(Time(77));
    ASSERT_TRUE(file);
    char text[8] = {};
    EXPECT_EQ(::pread(file->get(), text, sizeof text, 0), 2);
    EXPECT_STREQ(text, "77");
    EXPECT_EQ(*(*client)->keepRecording("here"), "here kept");
    EXPECT_EQ((*client)->keepRecording("full").error().text(), "The disk is full. Free some.");
}

TEST(EngineBus, WithoutAnEngineTheClientSaysHowToStartOne)
{
    const auto client = EngineClient::connect();
    ASSERT_FALSE(client);
    EXPECT_EQ(client.error().text(),
              "No engine is running. Start one with \"tangle run FILE\" or open the window.");
}

TEST(EngineBus, EverythingGoesThereAndBack)
{
    Host host;
    const auto service = EngineService::offer(host);
    ASSERT_TRUE(service);
    const auto client = EngineClient::connect();
    ASSERT_TRUE(client);
    const auto load = (*client)->load("text");
    ASSERT_TRUE(load);
    EXPECT_TRUE(load->isAccepted);
    EXPECT_EQ(load->problems[0].sentence, "Seen.");
    EXPECT_FALSE((*client)->load("bad")->isAccepted);
    EXPECT_EQ(*(*client)->tangle(), "bad");
    EXPECT_EQ((*client)->status()->tangle, "T");
    EXPECT_EQ((*client)->problems()->front().sentence, "Bad.");
    EXPECT_TRUE((*client)->standDown());
    EXPECT_TRUE((*client)->values()->isMapped());
}

TEST(EngineBus, ARefusalArrivesAsItsSentence)
{
    Host host;
    const auto service = EngineService::offer(host);
    const auto client = EngineClient::connect();
    ASSERT_TRUE(client);
    const auto done = (*client)->goLive();
    ASSERT_FALSE(done);
    EXPECT_EQ(done.error().code, Failure::Code::NotAllowed);
    EXPECT_EQ(done.error().text(), "You may not. Ask.");
}

TEST(EngineBus, ThereIsOneEngineAtATime)
{
    Host host;
    const auto service = EngineService::offer(host);
    const auto second = EngineService::offer(host);
    ASSERT_FALSE(second);
    EXPECT_EQ(second.error().code, Failure::Code::Busy);
}

TEST(EngineBus, AnEngineThatWentIsNoticed)
{
    Host host;
    auto service = EngineService::offer(host);
    const auto client = EngineClient::connect();
    ASSERT_TRUE(client);
    service->reset();
    EXPECT_THAT((*client)->status().error().sentence, HasSubstr("No engine is running"));
}

/// Asks until there is an engine, however long that takes here.
bool comes()
{
    for (int i = 0; i < 1200; ++i) {
        if (EngineClient::connect()) return true;
        std::this_thread::sleep_for(std::chrono::milliseconds(50));
    }
    return false;
}

TEST(EngineBus, WhenTheBusDiesTheEngineLivesOnAndComesBackWithTheNext)
{
    test::MortalBus bus("DBUS_SESSION_BUS_ADDRESS");
    Host host;
    const auto service = EngineService::offer(host);
    ASSERT_TRUE(service);
    for (int i = 0; i < 3; ++i) {
        ASSERT_TRUE(comes());
        bus.kill();
        EXPECT_EQ(EngineClient::connect().error().code, Failure::Code::System);
        bus.begin();
    }
    EXPECT_TRUE(comes());
}

TEST(EngineBus, ABusThatIsGoneWhenTheEngineEndsHoldsItUpNot)
{
    test::MortalBus bus("DBUS_SESSION_BUS_ADDRESS");
    Host host;
    auto service = EngineService::offer(host);
    ASSERT_TRUE(service);
    bus.kill();
    service->reset();
}

/// An engine whose tangle takes as long to be read as the test wants.
class SlowHost : public Host
{
 public:
    Problems load(const std::string& tangle, bool& accepted) override
    {
        isReading.release();
        mayEnd.acquire();
        return Host::load(tangle, accepted);
    }
    std::binary_semaphore isReading{0};
    std::binary_semaphore mayEnd{0};
};

TEST(EngineBus, OtherCallsAreAnsweredWhileATangleIsBeingRead)
{
    SlowHost host;
    const auto service = EngineService::offer(host);
    const auto reader = EngineClient::connect();
    const auto other = EngineClient::connect();
    ASSERT_TRUE(reader && other);
    std::thread loading([&] { EXPECT_TRUE((*reader)->load("text")->isAccepted); });
    host.isReading.acquire();
    EXPECT_EQ((*other)->status()->tangle, "T");
    EXPECT_TRUE((*other)->standDown());
    host.mayEnd.release();
    loading.join();
}

TEST(EngineBus, LayersAndCraftAreToldAsASignal)
{
    Host host;
    const auto service = EngineService::offer(host);
    ASSERT_TRUE(service);
    const auto bus = sdbus::createSessionBusConnection();
    const auto engine = sdbus::createProxy(*bus, kBusName, kBusObject);
    std::string told;
    std::binary_semaphore isTold{0};
    engine->uponSignal("FliesAs")
        .onInterface("org.jollytangle.Engine1")
        .call([&](const std::string& craft, const std::vector<std::string>& layers) {
            told = craft + ":";
            for (const auto& layer : layers) told += " " + layer;
            isTold.release();
        });
    engine->finishRegistration();
    bus->enterEventLoopAsync();
    constexpr std::uint64_t kOne = 1;
    ASSERT_EQ(::write(host.news, &kOne, sizeof kOne), static_cast<ssize_t>(sizeof kOne));
    EXPECT_TRUE(isTold.try_acquire_for(std::chrono::seconds(30)));
    EXPECT_EQ(told, "gannet-12: water trim");
    bus->leaveEventLoop();
}

TEST(EngineBus, WhoTellsItToEndIsAnsweredAlthoughATangleIsBeingRead)
{
    SlowHost host;
    auto service = EngineService::offer(host);
    const auto reader = EngineClient::connect();
    const auto other = EngineClient::connect();
    ASSERT_TRUE(reader && other);
    std::thread loading([&] { static_cast<void>((*reader)->load("text")); });
    host.isReading.acquire();
    std::thread ending([&] { EXPECT_TRUE((*other)->quit()); });
    while (!host.hasQuit) std::this_thread::yield();
    (*service)->hearNoMore();
    ending.join();
    host.mayEnd.release();
    service->reset();
    loading.join();
}

}  // namespace
}  // namespace jolly
