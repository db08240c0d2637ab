// SPDX-License-Identifier: GPL-3.0-or-later
#include "control/engine_service.h"

#include "control/bus_names.h"
#include "control/engine_adaptor.h"
#include "control/status_json.h"

#include <fcntl.h>
#include <sdbus-c++/sdbus-c++.h>

namespace jolly
{

namespace
{

void orThrow(const Fallible& done)
{
    if (done) return;
    throw sdbus::Error(kBusError + std::string(nameOf(done.error().code)), done.error().text());
}

}  // namespace

/// Keeps the connection alive for as long as the object on it.
struct ServiceConnection {
    std::unique_ptr<sdbus::IConnection> m_connection;
};

class EngineService::Object : private ServiceConnection,
                              public sdbus::AdaptorInterfaces<org::jollytangle::Engine1_adaptor>
{
 public:
    Object(std::unique_ptr<sdbus::IConnection> connection, EngineHost& host)
        : ServiceConnection{std::move(connection)},
          AdaptorInterfaces(*m_connection, kBusObject),
          m_host(host)
    {
        registerAdaptor();
        m_connection->requestName(kBusName);
        m_connection->enterEventLoopAsync();
    }

    ~Object()
    {
        m_connection->leaveEventLoop();
        unregisterAdaptor();
    }

 private:
    std::tuple<bool, std::string> Load(const std::string& tangle) override
    {
        bool accepted = false;
        const auto problems = m_host.load(tangle, accepted);
        return {accepted, problemsToJson(problems)};
    }
    void GoLive() override { orThrow(m_host.goLive()); }
    void StandDown() override { orThrow(m_host.standDown()); }
    void Quit() override
    {
        orThrow(m_host.quit());
        m_connection->releaseName(kBusName);  // nobody shall attach to an engine that ends
    }
    std::string Status() override { return statusToJson(*m_host.status()); }
    std::string Problems() override { return problemsToJson(m_host.problems()); }
    std::string Tangle() override { return m_host.tangle(); }
    sdbus::UnixFd Values() override { return sdbus::UnixFd(m_host.liveFd()); }

    EngineHost& m_host;
};

EngineService::EngineService(std::unique_ptr<Object> object) : m_object(std::move(object)) {}

EngineService::~EngineService() = default;

Result<std::unique_ptr<EngineService>> EngineService::offer(EngineHost& host)
{
    std::unique_ptr<sdbus::IConnection> connection;
    try {
        connection = sdbus::createSessionBusConnection();
    } catch (const sdbus::Error& e) {
        return fail(
            Failure::Code::NotThere,
            "There is no session bus, so no window and no other command can reach this engine.",
            "Start it as \"dbus-run-session -- tangle run FILE\" to have one.");
    }
    try {
        return std::unique_ptr<EngineService>(
            new EngineService(std::make_unique<Object>(std::move(connection), host)));
    } catch (const sdbus::Error& e) {
        return fail(Failure::Code::Busy, "An engine is running already.",
                    "Use that one (\"tangle status\"), or end it with \"tangle down --quit\".");
    }
}

}  // namespace jolly
