// SPDX-License-Identifier: GPL-3.0-or-later
#include "control/engine_service.h"

#include "control/bus_names.h"
#include "control/bus_thread.h"
#include "control/engine_adaptor.h"
#include "control/load_queue.h"
#include "control/news_thread.h"
#include "control/status_json.h"

#include <sdbus-c++/sdbus-c++.h>

#include <optional>
#include <set>

namespace jolly
{

namespace
{

void orThrow(const Fallible& done)
{
    if (done) return;
    const auto& [code, sentence, cure, error] = done.error();
    throw sdbus::Error(kBusError + std::string(nameOf(code)),
                       sentence.english() + "\n" + cure.english());
}

/// A virtual control as clients name it.
Target placeOf(const std::string& device, const std::string& control)
{
    const auto parsed = parseVirtualControl(control);
    if (!parsed)
        orThrow(fail(Failure::Code::Unreadable, say("\"%1\" is no virtual control.", control),
                     words("Name one such as \"axis 1\" or \"button 1\".")));
    return {device, *parsed};
}

}  // namespace

/// Keeps the connection alive for as long as the object on it.
struct ServiceConnection {
    std::unique_ptr<sdbus::IConnection> m_connection;
};

/// The engine's object on one connection, for as long as that bus lives.
class EngineService::Object : private ServiceConnection,
                              public sdbus::AdaptorInterfaces<org::jollytangle::Engine1_adaptor>
{
 public:
    /// @param died  called when the bus is gone.
    Object(std::unique_ptr<sdbus::IConnection> connection, EngineHost& host,
           std::function<void()> died)
        : ServiceConnection{std::move(connection)},
          AdaptorInterfaces(*m_connection, kBusObject),
          m_host(host)
    {
        m_loads.emplace();
        registerAdaptor();
        m_connection->requestName(kBusName);
        watchClients();
        m_thread.emplace(*m_connection, std::move(died));
        m_news.emplace(host.fliesAsFd(), [this] {
            const auto now = m_host.fliesAs();
            try {
                emitFliesAs(now.craft, now.layers);
            } catch (const sdbus::Error&) {  // the bus is gone
            }
        });
    }

    ~Object()
    {
        m_news.reset();
        hearNoMore();
        m_bus.reset();
        m_loads.reset();
        unregisterAdaptor();
    }

    void hearNoMore() { m_thread.reset(); }

 private:
    /// A tangle may take its time; other calls are answered meanwhile.
    void Load(sdbus::Result<bool, std::string>&& result, std::string tangle) override
    {
        auto answer = std::make_shared<sdbus::Result<bool, std::string>>(std::move(result));
        m_loads->add([this, answer, tangle = std::move(tangle)] {
            bool accepted = false;
            const auto problems = m_host.load(tangle, accepted);
            try {
                answer->returnResults(accepted, problemsToJson(problems));
            } catch (const sdbus::Error&) {  // whoever asked is gone, or the bus
            }
        });
    }
    void GoLive() override { orThrow(m_host.goLive()); }
    void StandDown() override { orThrow(m_host.standDown()); }
    void FlipLayer(const std::string& layer) override { orThrow(m_host.flipLayer(layer)); }
    void ChooseCraft(const std::string& craft) override { orThrow(m_host.chooseCraft(craft)); }
    void HoldByHand(const std::string& device, const std::string& control, const double& x,
                    const double& y) override
    {
        orThrow(caller().holdByHand(placeOf(device, control), {x, y}));
    }
    void LetGoByHand(const std::string& device, const std::string& control) override
    {
        orThrow(m_host.letGoByHand(placeOf(device, control)));
    }
    void LetGoAllByHand() override { orThrow(caller().letGoAllByHand()); }
    void KeepHand() override { orThrow(caller().keepHand()); }
    void Learn(const std::vector<sdbus::Struct<std::string, std::string>>& controls) override
    {
        std::vector<Target> places;
        for (const auto& control : controls)
            places.push_back(placeOf(std::get<0>(control), std::get<1>(control)));
        orThrow(caller().learn(places));
    }
    void Sweep(const std::string& way) override
    {
        const auto known = sweepWayNamed(way);
        if (!known)
            orThrow(fail(Failure::Code::Unreadable, say("\"%1\" is no way of a hat.", way),
                         words("Name one of: up, right, down, left.")));
        orThrow(m_host.sweep(*known));
    }
    void LookAsGame() override { orThrow(m_host.lookAsGame()); }
    sdbus::UnixFd Recording(const std::int64_t& since) override
    {
        auto fd = m_host.recording(Time(since));
        if (!fd) orThrow(tl::unexpected(fd.error()));
        return sdbus::UnixFd(fd->get());
    }
    std::string KeepRecording(const std::string& path) override
    {
        auto kept = m_host.keepRecording(path);
        if (!kept) orThrow(tl::unexpected(kept.error()));
        return *kept;
    }
    void Quit() override
    {
        orThrow(m_host.quit());
        m_connection->releaseName(kBusName);  // nobody shall attach to an engine that ends
    }
    std::string Status() override
    {
        noteClient();
        return statusToJson(*m_host.status());
    }
    std::string Problems() override { return problemsToJson(m_host.problems()); }
    std::string Tangle() override { return m_host.tangle(); }
    sdbus::UnixFd Values() override
    {
        noteClient();
        return sdbus::UnixFd(m_host.liveFd());
    }

    /// Hears which names leave the bus.
    void watchClients()
    {
        m_bus = sdbus::createProxy(*m_connection, "org.freedesktop.DBus", "/org/freedesktop/DBus");
        m_bus->uponSignal("NameOwnerChanged")
            .onInterface("org.freedesktop.DBus")
            .call([this](const std::string& name, const std::string&, const std::string& now) {
                if (now.empty() && m_clients.erase(name) > 0 && m_clients.empty())
                    m_host.lastClientLeft();
            });
        m_bus->finishRegistration();
    }

    void noteClient()
    {
        const auto* message = getObject().getCurrentlyProcessedMessage();
        if (message) m_clients.insert(message->getSender());
    }

    /// The host, which is told who calls.
    EngineHost& caller()
    {
        const auto* message = getObject().getCurrentlyProcessedMessage();
        m_host.hearFrom(message ? message->getSender() : std::string());
        return m_host;
    }

    EngineHost& m_host;
    std::unique_ptr<sdbus::IProxy> m_bus;
    std::set<std::string> m_clients;  ///< names on the bus
    std::optional<LoadQueue> m_loads;
    std::optional<BusThread> m_thread;
    std::optional<NewsThread> m_news;
};

EngineService::EngineService(EngineHost& host) : m_host(host) {}

EngineService::~EngineService()
{
    hearNoMore();
    m_object.reset();
}

void EngineService::hearNoMore()
{
    {
        const std::lock_guard lock(m_mutex);
        m_isEnding = true;
    }
    m_news.notify_one();
    if (m_keeper.joinable()) m_keeper.join();
    if (m_object) m_object->hearNoMore();
}

Result<std::unique_ptr<EngineService>> EngineService::offer(EngineHost& host)
{
    std::unique_ptr<EngineService> service(new EngineService(host));
    if (auto done = service->appear(); !done) return tl::unexpected(std::move(done.error()));
    service->m_keeper = std::thread([raw = service.get()] { raw->keep(); });
    return service;
}

/// Comes to the bus there is.
Fallible EngineService::appear()
{
    std::unique_ptr<sdbus::IConnection> connection;
    try {
        connection = sdbus::createSessionBusConnection();
    } catch (const sdbus::Error& e) {
        return fail(Failure::Code::NotThere,
                    words("There is no session bus, so no window and no other command can reach "
                          "this engine."),
                    words("Start it as \"dbus-run-session -- tangle run FILE\" to have one."));
    }
    const auto died = [this] {
        const std::lock_guard lock(m_mutex);
        m_hasDied = true;
        m_news.notify_one();
    };
    try {
        m_object = std::make_unique<Object>(std::move(connection), m_host, died);
        return {};
    } catch (const sdbus::Error& e) {
        return fail(
            Failure::Code::Busy, words("An engine is running already."),
            words("Use that one (\"tangle status\"), or end it with \"tangle down --quit\"."));
    }
}

/// When the bus dies the flight goes on, and the service comes back with the next bus.
void EngineService::keep()
{
    std::unique_lock lock(m_mutex);
    while (true) {
        m_news.wait(lock, [this] { return m_isEnding || m_hasDied; });
        while (m_hasDied && !m_isEnding) {
            m_hasDied = false;
            lock.unlock();
            m_object.reset();
            const bool isBack = appear().has_value();
            lock.lock();
            m_hasDied = m_hasDied || !isBack;
            if (!isBack) m_news.wait_for(lock, kLookAgain, [this] { return m_isEnding; });
        }
        if (m_isEnding) return;
    }
}

}  // namespace jolly
