// SPDX-License-Identifier: GPL-3.0-or-later
#include "control/engine_client.h"
#include "control/engine_service.h"
#include "engine/live_memory.h"

#include <gmock/gmock.h>

namespace jolly
{
namespace
{

using testing::HasSubstr;

/// An engine's program that does nothing but answer.
class Host : public EngineHost
{
 public:
    Problems load(const std::string& tangle, bool& accepted) override
    {
        loaded = tangle;
        accepted = tangle != "bad";
        return {{Severity::Warning, "/a", "Seen.", "Fine.", 1, 2}};
    }
    Fallible goLive() override
    {
        return fail(Failure::Code::NotAllowed, "You may not.", "Ask.", 13);
    }
    Fallible standDown() override { return {}; }
    Fallible quit() override { return {}; }
    std::shared_ptr<const EngineStatus> status() const override
    {
        return std::make_shared<EngineStatus>(EngineStatus{.tangle = "T"});
    }
    Problems problems() const override { return {{Severity::Error, "/b", "Bad.", "Mend.", 0, 0}}; }
    std::string tangle() const override { return loaded; }
    int liveFd() const override { return live.fd(); }

    LiveMemory live = std::move(*LiveMemory::make());
    std::string loaded;
};

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

}  // namespace
}  // namespace jolly
