// SPDX-License-Identifier: GPL-3.0-or-later
#include "control/helper_client.h"

#include "control/bus_names.h"
#include "control/bus_thread.h"

#include <fcntl.h>
#include <sdbus-c++/sdbus-c++.h>
#include <sys/eventfd.h>

#include <atomic>
#include <map>
#include <mutex>
#include <optional>

namespace jolly
{

namespace
{

constexpr const char* kHelperName = "org.jollytangle.Helper";
constexpr const char* kHelperObject = "/org/jollytangle/Helper";
constexpr const char* kHelperInterface = "org.jollytangle.Helper1";
constexpr const char* kGone =
    "type='signal',sender='org.freedesktop.DBus',interface='org.freedesktop.DBus',"
    "member='NameOwnerChanged',arg0='org.jollytangle.Helper',arg2=''";
constexpr const char* kNoReply = "org.freedesktop.DBus.Error.NoReply";
/// The helper may have to ask a person, and waits longer than that for nobody.
constexpr auto kPatience = std::chrono::minutes(3);

tl::unexpected<Failure> noHelper(const Sentence& why)
{
    return fail(
        Failure::Code::NotThere, say("No controller can be kept alone: %1.", why),
        words("Install Jolly Tangle with its helper, or hide the controllers from one game by "
              "\"tangle launch\"."));
}

Fallible doneOf(const sdbus::Error* error)
{
    if (!error) return {};
    const auto& name = error->getName();
    const std::string_view prefix = kBusError;
    if (name == "org.freedesktop.DBus.Error.ServiceUnknown")
        return noHelper(words("its helper is not installed"));
    if (!name.starts_with(prefix)) return noHelper(words("its helper does not answer"));
    return fail(failureNamed(std::string_view(name).substr(prefix.size())),
                Sentence::ourWord(error->getMessage()), {});
}

}  // namespace

/// The connection, with a thread of its own that hears the answers.
class HelperClient::Bus
{
 public:
    explicit Bus(HelperClient& client)
        : m_client(client),
          m_connection(sdbus::createSystemBusConnection()),
          m_proxy(sdbus::createProxy(*m_connection, kHelperName, kHelperObject))
    {
        m_gone = m_connection->addMatch(kGone, [this](sdbus::Message&) {
            if (m_isKeeping.exchange(false)) lose();
        });
        m_thread.emplace(*m_connection, [this] {
            m_isDead = true;
            const bool wasKeeping = m_isKeeping.exchange(false);
            for (auto& [number, asked] : takeAll())
                m_client.tell({asked.kind, noHelper(words("the bus is gone")), asked.node, {}});
            if (wasKeeping)
                m_client.tell(
                    {.kind = HelperNews::Kind::Lost, .done = noHelper(words("the bus is gone"))});
        });
    }

    [[nodiscard]] bool isDead() const noexcept { return m_isDead; }

    void keep(const std::vector<int>& nodes)
    {
        ask({.kind = HelperNews::Kind::Kept, .nodes = {nodes.begin(), nodes.end()}});
    }

    void open(const std::string& node) { ask({.kind = HelperNews::Kind::Opened, .node = node}); }

 private:
    /// What was asked and has no answer yet.
    struct Asked {
        HelperNews::Kind kind;
        std::vector<sdbus::UnixFd> nodes{};  ///< to keep
        std::string node{};                  ///< to open
        bool isAgain = false;
    };

    /// Every call is answered once, by whoever takes its number: the helper's reply, the death of
    /// the bus, or, where it throws, whoever asked.
    void ask(Asked asked)
    {
        const int number = m_nextNumber++;
        {
            const std::scoped_lock lock(m_mutex);
            m_asked.emplace(number, asked);
        }
        try {
            call(number, asked);
        } catch (const sdbus::Error&) {
            if (take(number)) throw;
        }
    }

    void call(int number, const Asked& asked)
    {
        if (asked.kind == HelperNews::Kind::Kept)
            m_proxy->callMethodAsync("Keep")
                .onInterface(kHelperInterface)
                .withTimeout(kPatience)
                .withArguments(asked.nodes)
                .uponReplyInvoke(
                    [=, this](const sdbus::Error* error) { answer(number, error, -1); });
        else
            m_proxy->callMethodAsync("Open")
                .onInterface(kHelperInterface)
                .withTimeout(kPatience)
                .withArguments(asked.node)
                .uponReplyInvoke([=, this](const sdbus::Error* error, const sdbus::UnixFd& fd) {
                    answer(number, error, fd.get());
                });
    }

    /// A call that came just when the helper ended is lost with it, and goes to the next one.
    void answer(int number, const sdbus::Error* error, int fd)
    {
        auto asked = take(number);
        if (!asked) return;
        if (error && error->getName() == kNoReply && !std::exchange(asked->isAgain, true)) {
            try {
                return ask(*asked);
            } catch (const sdbus::Error&) {  // then it is told as what it is
            }
        }
        if (asked->kind == HelperNews::Kind::Kept) m_isKeeping = !asked->nodes.empty() && !error;
        UniqueFd ours(error || fd < 0 ? -1 : fcntl(fd, F_DUPFD_CLOEXEC, 0));
        m_client.tell({asked->kind, doneOf(error), asked->node, std::move(ours)});
    }

    [[nodiscard]] std::optional<Asked> take(int number)
    {
        const std::scoped_lock lock(m_mutex);
        auto taken = m_asked.extract(number);
        return taken ? std::optional(std::move(taken.mapped())) : std::nullopt;
    }

    [[nodiscard]] std::map<int, Asked> takeAll()
    {
        const std::scoped_lock lock(m_mutex);
        return std::exchange(m_asked, {});
    }

    /// Calls it once more: a new helper gives back whatever a killed one left.
    void lose()
    {
        m_proxy->callMethodAsync("Keep")
            .onInterface(kHelperInterface)
            .withArguments(std::vector<sdbus::UnixFd>{})
            .uponReplyInvoke([](const sdbus::Error*) {});
        m_client.tell(
            {.kind = HelperNews::Kind::Lost,
             .done = fail(Failure::Code::NotThere,
                          words("The helper ended; everybody may open the controllers again."),
                          words("Stand down and go live to keep them alone again."))});
    }

    HelperClient& m_client;
    std::unique_ptr<sdbus::IConnection> m_connection;
    std::unique_ptr<sdbus::IProxy> m_proxy;
    sdbus::Slot m_gone;
    std::atomic<bool> m_isKeeping = false;
    std::atomic<bool> m_isDead = false;
    std::mutex m_mutex;  ///< of m_asked
    std::map<int, Asked> m_asked;
    std::atomic<int> m_nextNumber = 0;
    std::optional<BusThread> m_thread;
};

HelperClient::HelperClient()
    : m_bell(eventfd(0, EFD_CLOEXEC | EFD_NONBLOCK)),
      m_callBell(eventfd(0, EFD_CLOEXEC | EFD_NONBLOCK)),
      m_caller(m_callBell.get(), [this] { carryOut(); })
{
}

HelperClient::~HelperClient() = default;

/// Calls the helper by `call`, over a connection that is made when it is first needed, or anew.
template <class Call>
Fallible HelperClient::ask(Call&& call)
{
    try {
        if (m_bus && m_bus->isDead()) m_bus.reset();
        if (!m_bus) m_bus = std::make_unique<Bus>(*this);
        call();
        return {};
    } catch (const sdbus::Error&) {
        m_bus.reset();
        return noHelper(words("there is no system bus"));
    }
}

void HelperClient::later(std::function<void()> call)
{
    {
        const std::scoped_lock lock(m_mutex);
        m_calls.push_back(std::move(call));
    }
    constexpr std::uint64_t kOne = 1;
    static_cast<void>(::write(m_callBell.get(), &kOne, sizeof kOne) == sizeof kOne);
}

void HelperClient::carryOut()
{
    std::vector<std::function<void()>> calls;
    {
        const std::scoped_lock lock(m_mutex);
        calls.swap(m_calls);
    }
    for (const auto& call : calls) call();
}

/// The descriptors are duplicated, since they may be closed before they are sent.
void HelperClient::keep(const std::vector<int>& nodes)
{
    auto held = std::make_shared<std::vector<UniqueFd>>();
    for (const auto node : nodes) held->emplace_back(fcntl(node, F_DUPFD_CLOEXEC, 0));
    later([this, held] {
        std::vector<int> fds;
        for (const auto& fd : *held) fds.push_back(fd.get());
        keepNow(fds);
    });
}

void HelperClient::open(const std::string& node)
{
    later([this, node] { openNow(node); });
}

void HelperClient::keepNow(const std::vector<int>& nodes)
{
    if (nodes.size() > kMostKeptControllers)
        return tell({.kind = HelperNews::Kind::Kept,
                     .done = fail(Failure::Code::Busy,
                                  words("No more than 16 controllers can be kept alone; none is."),
                                  words("Only hold some of them."))});
    const bool isNothing = nodes.empty() && !m_bus;
    const auto done = isNothing ? Fallible{} : ask([&] { m_bus->keep(nodes); });
    if (isNothing || !done) tell({.kind = HelperNews::Kind::Kept, .done = done});
}

void HelperClient::openNow(const std::string& node)
{
    if (const auto done = ask([&] { m_bus->open(node); }); !done)
        tell({.kind = HelperNews::Kind::Opened, .done = done, .node = node});
}

void HelperClient::tell(HelperNews news)
{
    const std::scoped_lock lock(m_mutex);
    m_news.push_back(std::move(news));
    const std::uint64_t one = 1;
    [[maybe_unused]] const auto done = ::write(m_bell.get(), &one, sizeof one);
}

std::vector<HelperNews> HelperClient::news()
{
    std::uint64_t rung = 0;
    [[maybe_unused]] const auto done = ::read(m_bell.get(), &rung, sizeof rung);
    const std::scoped_lock lock(m_mutex);
    return std::exchange(m_news, {});
}

}  // namespace jolly
