// SPDX-License-Identifier: GPL-3.0-or-later
#include "helper/service.h"

#include "helper/helper_adaptor.h"
#include "helper/keeping.h"

#include <sdbus-c++/sdbus-c++.h>

#include <atomic>
#include <iostream>
#include <thread>

namespace jolly
{

namespace
{

constexpr const char* kName = "org.jollytangle.Helper";
constexpr const char* kObject = "/org/jollytangle/Helper";
constexpr const char* kError = "org.jollytangle.Error.";
constexpr const char* kAction = "org.jollytangle.keep-alone";
constexpr const char* kGone =
    "type='signal',sender='org.freedesktop.DBus',interface='org.freedesktop.DBus',"
    "member='NameOwnerChanged',arg2=''";
/// So often it is looked whether somebody still needs us; unneeded twice, we end.
constexpr timespec kLook = {10, 0};
/// A person may have to be asked.
constexpr auto kPatience = std::chrono::minutes(2);
constexpr std::uint32_t kMayAsk = 1;

[[noreturn]] void raise(const Failure& failure)
{
    throw sdbus::Error(kError + std::string(nameOf(failure.code)), failure.text().english());
}

/// Asks polkit, whose interface this is (org.freedesktop.PolicyKit1.Authority).
void checkPermission(sdbus::IConnection& connection, const std::string& client)
{
    using Details = std::map<std::string, std::string>;
    sdbus::Struct<bool, bool, Details> answer;
    try {
        const sdbus::Struct<std::string, std::map<std::string, sdbus::Variant>> subject{
            "system-bus-name", {{"name", sdbus::Variant(client)}}};
        auto polkit = sdbus::createProxy(connection, "org.freedesktop.PolicyKit1",
                                         "/org/freedesktop/PolicyKit1/Authority");
        polkit->callMethod("CheckAuthorization")
            .onInterface("org.freedesktop.PolicyKit1.Authority")
            .withTimeout(kPatience)
            .withArguments(subject, std::string(kAction), Details{}, kMayAsk, std::string())
            .storeResultsTo(answer);
    } catch (const sdbus::Error&) {
        raise({Failure::Code::NotAllowed,
               words("Whether you may keep a controller alone is not known."),
               words("Install polkit, which tells that."), 0});
    }
    if (!answer.get<0>())
        raise({Failure::Code::NotAllowed, words("You may not keep a controller alone."),
               words("Log in at this computer's own screen."), 0});
}

/// The person behind a message; nobody's number where the bus does not tell.
uid_t uidOf(const sdbus::Message& message)
{
    try {
        return message.getCredsEuid();
    } catch (const sdbus::Error&) {
        return static_cast<uid_t>(-1);
    }
}

class Service : public sdbus::AdaptorInterfaces<org::jollytangle::Helper1_adaptor>
{
 public:
    explicit Service(sdbus::IConnection& connection)
        : AdaptorInterfaces(connection, kObject), m_connection(connection)
    {
        m_gone = connection.addMatch(kGone, [this](sdbus::Message& message) {
            const Use use(*this);
            std::string name;
            message >> name;
            m_keeping.forget(name);
        });
        registerAdaptor();
    }
    ~Service()
    {
        unregisterAdaptor();
        m_keeping.forgetAll();
    }

    [[nodiscard]] bool isIdle() const noexcept { return m_isIdle; }

    /// Any thread. Whether nobody needed us since the last call.
    [[nodiscard]] bool wasIdle() { return !m_isUsed.exchange(!m_isIdle); }

 private:
    void Keep(const std::vector<sdbus::UnixFd>& nodes) override
    {
        const Use use(*this);
        const auto* message = getObject().getCurrentlyProcessedMessage();
        const auto client = message->getSender();
        if (!nodes.empty()) checkPermission(m_connection, client);
        std::vector<int> fds;
        for (const auto& node : nodes) fds.push_back(node.get());
        if (const auto done = m_keeping.keep(client, uidOf(*message), fds); !done)
            raise(done.error());
    }

    sdbus::UnixFd Open(const std::string& node) override
    {
        const Use use(*this);
        const auto client = getObject().getCurrentlyProcessedMessage()->getSender();
        checkPermission(m_connection, client);
        const auto fd = m_keeping.open(client, node);
        if (!fd) raise(fd.error());
        return sdbus::UnixFd(fd->get());
    }

    /// While one lives, somebody needs us.
    struct Use {
        explicit Use(Service& service) : m_service(service) { m_service.m_isUsed = true; }
        ~Use() { m_service.m_isIdle = m_service.m_keeping.isIdle(); }
        Use(const Use&) = delete;
        Use& operator=(const Use&) = delete;
        Service& m_service;
    };

    sdbus::IConnection& m_connection;
    Keeping m_keeping;
    sdbus::Slot m_gone;
    std::atomic<bool> m_isIdle = true;
    std::atomic<bool> m_isUsed = true;
};

}  // namespace

int serve(const sigset_t& signals)
{
    try {
        const auto connection = sdbus::createSystemBusConnection();
        connection->requestName(kName);
        Service service(*connection);
        bool isToldToEnd = false;
        do {  // again when somebody came at the last moment
            std::thread watch([&] {
                while (!isToldToEnd && !service.wasIdle())
                    isToldToEnd = sigtimedwait(&signals, nullptr, &kLook) > 0;
                connection->leaveEventLoop();
            });
            connection->enterEventLoop();
            watch.join();
        } while (!isToldToEnd && !service.isIdle());
        return 0;
    } catch (const sdbus::Error& error) {
        std::cerr << "jolly-tangle-helper: the system bus refuses: " << error.getMessage() << "\n";
        return 1;
    }
}

}  // namespace jolly
