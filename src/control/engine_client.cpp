// SPDX-License-Identifier: GPL-3.0-or-later
#include "control/engine_client.h"

#include "control/bus_names.h"
#include "control/engine_proxy.h"
#include "control/status_json.h"

#include <sdbus-c++/sdbus-c++.h>

#include <csignal>

namespace jolly
{

namespace
{

tl::unexpected<Failure> noEngine()
{
    return fail(Failure::Code::NotThere, words("No engine is running."),
                words("Start one with \"tangle run FILE\" or open the window."));
}

tl::unexpected<Failure> noBus()
{
    return fail(Failure::Code::System,
                words("There is no session bus, so no engine can be reached."),
                words("Start the program as \"dbus-run-session -- COMMAND\" to have one."));
}

/// One that is there but silent is something else than none.
tl::unexpected<Failure> failureOf(const sdbus::Error& error)
{
    const auto& name = error.getName();
    const std::string_view prefix = kBusError;
    if (name.starts_with(prefix)) {
        const std::string_view message = error.getMessage();
        const auto end = std::min(message.find('\n'), message.size());
        const auto cure = message.substr(std::min(end + 1, message.size()));
        return fail(failureNamed(std::string_view(name).substr(prefix.size())),
                    Sentence::ourWord(message.substr(0, end)), Sentence::ourWord(cure));
    }
    const auto isOneOf = [&name](auto... names) {
        return ((name == std::string("org.freedesktop.DBus.Error.") + names) || ...);
    };
    if (isOneOf("NoReply", "Timeout", "TimedOut"))
        return fail(
            Failure::Code::Busy, words("The engine does not answer."),
            words("Wait for it, or end it with \"pkill -KILL -x tangle\" and start another."));
    if (isOneOf("Disconnected", "NoServer")) return noBus();
    return noEngine();
}

/// What `call` gives; an exception of the bus becomes a failure.
template <class Call>
auto guarded(Call&& call) -> Result<decltype(call())>
{
    try {
        if constexpr (std::is_void_v<decltype(call())>) {
            call();
            return {};
        } else {
            return call();
        }
    } catch (const sdbus::Error& error) {
        return failureOf(error);
    }
}

}  // namespace

/// Keeps the connection alive for as long as the proxy on it.
struct ClientConnection {
    std::unique_ptr<sdbus::IConnection> m_connection;
};

class EngineClient::Proxy : private ClientConnection,
                            public sdbus::ProxyInterfaces<org::jollytangle::Engine1_proxy>
{
 public:
    explicit Proxy(std::unique_ptr<sdbus::IConnection> connection)
        : ClientConnection{std::move(connection)},
          ProxyInterfaces(*m_connection, kBusName, kBusObject)
    {
        registerProxy();
    }
    ~Proxy() { unregisterProxy(); }

 private:
    /// The window reads it from the live block, where it is at once.
    void onFliesAs(const std::string&, const std::vector<std::string>&) override {}
};

EngineClient::EngineClient(std::unique_ptr<Proxy> proxy) : m_proxy(std::move(proxy)) {}

EngineClient::~EngineClient() = default;

Result<std::unique_ptr<EngineClient>> EngineClient::connect(std::chrono::seconds patience)
{
    try {
        auto connection = sdbus::createSessionBusConnection();
        connection->setMethodCallTimeout(patience);
        std::unique_ptr<EngineClient> client(
            new EngineClient(std::make_unique<Proxy>(std::move(connection))));
        if (auto status = client->status(); !status)
            return tl::unexpected(std::move(status.error()));
        return client;
    } catch (const sdbus::Error&) {
        return noBus();
    }
}

bool EngineClient::endByForce()
{
    try {
        std::uint32_t pid = 0;
        const auto bus = sdbus::createProxy(sdbus::createSessionBusConnection(),
                                            "org.freedesktop.DBus", "/org/freedesktop/DBus");
        bus->callMethod("GetConnectionUnixProcessID")
            .onInterface("org.freedesktop.DBus")
            .withArguments(kBusName)
            .storeResultsTo(pid);
        return pid > 1 && ::kill(static_cast<pid_t>(pid), SIGKILL) == 0;
    } catch (const sdbus::Error&) {
        return false;
    }
}

Result<LoadResult> EngineClient::load(const std::string& tangle)
{
    return guarded([&]() -> LoadResult {
        const auto [accepted, problems] = m_proxy->Load(tangle);
        return {accepted, problemsFromJson(problems)};
    });
}

Fallible EngineClient::goLive()
{
    return guarded([this] { m_proxy->GoLive(); });
}

Fallible EngineClient::standDown()
{
    return guarded([this] { m_proxy->StandDown(); });
}

Fallible EngineClient::flipLayer(const std::string& layer)
{
    return guarded([&] { m_proxy->FlipLayer(layer); });
}

Fallible EngineClient::chooseCraft(const std::string& craft)
{
    return guarded([&] { m_proxy->ChooseCraft(craft); });
}

Fallible EngineClient::quit()
{
    return guarded([this] { m_proxy->Quit(); });
}

Fallible EngineClient::holdByHand(const Target& place, Value value)
{
    return guarded(
        [&] { m_proxy->HoldByHand(place.device, toText(place.control), value.x, value.y); });
}

Fallible EngineClient::letGoByHand(const Target& place)
{
    return guarded([&] { m_proxy->LetGoByHand(place.device, toText(place.control)); });
}

Fallible EngineClient::letGoAllByHand()
{
    return guarded([this] { m_proxy->LetGoAllByHand(); });
}

Fallible EngineClient::keepHand()
{
    return guarded([this] { m_proxy->KeepHand(); });
}

Fallible EngineClient::learn(const std::vector<Target>& places)
{
    std::vector<sdbus::Struct<std::string, std::string>> list;
    for (const auto& place : places)
        list.push_back(sdbus::make_struct(place.device, toText(place.control)));
    return guarded([&] { m_proxy->Learn(list); });
}

Fallible EngineClient::sweep(SweepWay way)
{
    return guarded([&] { m_proxy->Sweep(std::string(nameOf(way))); });
}

Fallible EngineClient::lookAsGame()
{
    return guarded([this] { m_proxy->LookAsGame(); });
}

Result<UniqueFd> EngineClient::recording(Time since)
{
    auto fd = guarded([&] { return m_proxy->Recording(since.count()); });
    if (!fd) return tl::unexpected(fd.error());
    return UniqueFd(fd->release());
}

Result<std::string> EngineClient::keepRecording(const std::string& path)
{
    return guarded([&] { return m_proxy->KeepRecording(path); });
}

Result<EngineStatus> EngineClient::status()
{
    return guarded([this] { return m_proxy->Status(); }).and_then(statusFromJson);
}

Result<Problems> EngineClient::problems()
{
    return guarded([this] { return m_proxy->Problems(); }).map(problemsFromJson);
}

Result<std::string> EngineClient::tangle()
{
    return guarded([this] { return m_proxy->Tangle(); });
}

Result<LiveView> EngineClient::values()
{
    const auto fd = guarded([this] { return m_proxy->Values(); });
    if (!fd) return tl::unexpected(fd.error());
    return LiveView::map(fd->get());
}

}  // namespace jolly
