// SPDX-License-Identifier: GPL-3.0-or-later
#include "control/helper_client.h"

#include "mortal_bus.h"

#include <fcntl.h>
#include <gmock/gmock.h>
#include <poll.h>
#include <sdbus-c++/sdbus-c++.h>
#include <sys/socket.h>
#include <sys/un.h>
#include <unistd.h>

#include <cstdlib>
#include <filesystem>
#include <future>
#include <optional>
#include <thread>

namespace jolly
{
namespace
{

using testing::HasSubstr;

/// Waits until so much news has come in all, which may come at once or one by one.
std::vector<HelperNews> hear(HelperClient& client, std::size_t count)
{
    std::vector<HelperNews> heard;
    while (heard.size() < count) {
        pollfd watched{client.fd(), POLLIN, 0};
        if (poll(&watched, 1, 60'000) != 1) break;
        for (auto& news : client.news()) heard.push_back(std::move(news));
    }
    EXPECT_EQ(heard.size(), count);
    heard.resize(count);
    return heard;
}

/// Waits for the one news that is due.
HelperNews next(HelperClient& client)
{
    return std::move(hear(client, 1).front());
}

/// The session bus of the tests stands for the system bus; no helper is installed on it.
class HelperClientTest : public testing::Test
{
 protected:
    HelperClientTest() { ::setenv("DBUS_SYSTEM_BUS_ADDRESS", address, 1); }
    ~HelperClientTest() override { ::unsetenv("DBUS_SYSTEM_BUS_ADDRESS"); }

    const char* address = std::getenv("DBUS_SESSION_BUS_ADDRESS");
    UniqueFd node{::open("/dev/null", O_RDONLY | O_CLOEXEC)};
};

TEST_F(HelperClientTest, WithoutTheHelperThatIsSaidWithWhatToDo)
{
    HelperClient client;
    client.keep({node.get()});
    const auto kept = next(client);
    EXPECT_EQ(kept.kind, HelperNews::Kind::Kept);
    ASSERT_FALSE(kept.done);
    EXPECT_THAT(kept.done.error().sentence, HasSubstr("its helper is not installed"));
    EXPECT_THAT(kept.done.error().cure, HasSubstr("tangle launch"));
    client.open("/dev/input/event1");
    const auto opened = next(client);
    EXPECT_EQ(opened.kind, HelperNews::Kind::Opened);
    EXPECT_EQ(opened.node, "/dev/input/event1");
    EXPECT_FALSE(opened.done);
    EXPECT_FALSE(opened.fd.isOpen());
}

TEST_F(HelperClientTest, WhoAsksDoesNotWaitForABusThatDoesNotAnswer)
{
    const auto path =
        std::filesystem::temp_directory_path() / ("jolly-silent-bus-" + std::to_string(::getpid()));
    sockaddr_un place{.sun_family = AF_UNIX, .sun_path = {}};
    path.string().copy(place.sun_path, sizeof place.sun_path - 1);
    const UniqueFd silent(::socket(AF_UNIX, SOCK_STREAM | SOCK_CLOEXEC, 0));
    ASSERT_EQ(::bind(silent.get(), reinterpret_cast<const sockaddr*>(&place), sizeof place), 0);
    ASSERT_EQ(::listen(silent.get(), 4), 0);
    ::setenv("DBUS_SYSTEM_BUS_ADDRESS", ("unix:path=" + path.string()).c_str(), 1);
    HelperClient client;
    client.keep({node.get()});
    client.open("/dev/input/event1");
    // Whoever asked goes on while the bus has said nothing: it has not even taken the call.
    EXPECT_TRUE(client.news().empty());
    const UniqueFd taken(::accept4(silent.get(), nullptr, nullptr, SOCK_CLOEXEC));
    EXPECT_TRUE(taken.isOpen());
    std::filesystem::remove(path);
    ::shutdown(taken.get(), SHUT_RDWR);
    const auto refused = hear(client, 2);
    EXPECT_EQ(refused[0].kind, HelperNews::Kind::Kept);
    EXPECT_FALSE(refused[0].done);
    EXPECT_EQ(refused[1].kind, HelperNews::Kind::Opened);
    EXPECT_FALSE(refused[1].done);
}

TEST_F(HelperClientTest, WithoutASystemBusThatIsSaid)
{
    ::setenv("DBUS_SYSTEM_BUS_ADDRESS", "unix:path=/nowhere", 1);
    HelperClient client;
    client.keep({node.get()});
    const auto kept = next(client);
    ASSERT_FALSE(kept.done);
    EXPECT_THAT(kept.done.error().sentence, HasSubstr("there is no system bus"));
}

TEST_F(HelperClientTest, ToKeepNothingNeedsNoBus)
{
    ::setenv("DBUS_SYSTEM_BUS_ADDRESS", "unix:path=/nowhere", 1);
    HelperClient client;
    client.keep({});
    EXPECT_TRUE(next(client).done);
}

TEST_F(HelperClientTest, MoreThanTheBusCarriesIsRefusedBeforeItEndsTheConnection)
{
    HelperClient client;
    client.keep(std::vector<int>(kMostKeptControllers + 1, node.get()));
    const auto kept = next(client);
    ASSERT_FALSE(kept.done);
    EXPECT_THAT(kept.done.error().sentence, HasSubstr("No more than 16"));
}

TEST_F(HelperClientTest, WhenTheSystemBusDiesTheProgramLivesAndTheNextBusIsAsked)
{
    test::MortalBus bus("DBUS_SYSTEM_BUS_ADDRESS");
    HelperClient client;
    for (int i = 0; i < 3; ++i) {
        client.keep({node.get()});
        EXPECT_THAT(next(client).done.error().sentence, HasSubstr("not installed"));
        bus.kill();
        std::this_thread::sleep_for(std::chrono::milliseconds(50));
        bus.begin();
    }
}

/// A helper that takes calls of Keep and answers when it is told to.
class SlowHelper
{
 public:
    SlowHelper()
        : m_connection(sdbus::createSessionBusConnection()),
          m_object(sdbus::createObject(*m_connection, "/org/jollytangle/Helper"))
    {
        m_object->registerMethod("Keep")
            .onInterface("org.jollytangle.Helper1")
            .implementedAs([this](sdbus::Result<>&& call, const std::vector<sdbus::UnixFd>& nodes) {
                m_call.emplace(std::move(call));
                m_asked.set_value(nodes.size());
            });
        m_object->finishRegistration();
        m_connection->enterEventLoopAsync();
    }
    void begin() { m_connection->requestName("org.jollytangle.Helper"); }
    void end() { m_connection->releaseName("org.jollytangle.Helper"); }
    void answer() { m_call->returnResults(); }
    /// How many nodes it was asked to keep, when it was.
    std::size_t asked()
    {
        auto asked = m_asked.get_future();
        return asked.wait_for(std::chrono::minutes(1)) == std::future_status::ready ? asked.get()
                                                                                    : 0;
    }

 private:
    std::promise<std::size_t> m_asked;
    std::unique_ptr<sdbus::IConnection> m_connection;
    std::unique_ptr<sdbus::IObject> m_object;
    std::optional<sdbus::Result<>> m_call;  ///< it goes before its connection
};

TEST_F(HelperClientTest, ACallThatCameWhileTheHelperEndedGoesToTheNextOne)
{
    auto ending = std::make_unique<SlowHelper>();
    ending->begin();
    HelperClient client;
    client.keep({node.get(), node.get()});
    EXPECT_EQ(ending->asked(), 2U);
    SlowHelper following;
    ending->end();
    following.begin();
    ending.reset();
    EXPECT_EQ(following.asked(), 2U);
    following.answer();
    EXPECT_TRUE(next(client).done);
}

}  // namespace
}  // namespace jolly
