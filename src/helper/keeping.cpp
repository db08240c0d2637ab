// SPDX-License-Identifier: GPL-3.0-or-later
#include "helper/keeping.h"

namespace jolly
{

Fallible Keeping::keep(const std::string& client, const std::vector<int>& nodes)
{
    std::vector<FoundController> controllers;
    std::vector<KeptDevice> devices;
    Fallible done;
    if (nodes.size() > kMostKeptControllers ||
        (!m_clients.contains(client) && m_clients.size() >= kMostClients))
        done = fail(Failure::Code::Busy, "That is more than can be kept.",
                    "Keep fewer controllers alone.");
    for (std::size_t i = 0; done && i < nodes.size(); ++i) {
        auto found = findController(nodes[i]);
        if (!found) {
            done = tl::unexpected(std::move(found.error()));
            break;
        }
        devices.insert(devices.end(), found->devices.begin(), found->devices.end());
        controllers.push_back(std::move(*found));
    }
    if (done && !devices.empty()) {
        m_clients[client] = std::move(devices);
        done = close(controllers);
    }
    if (!done || nodes.empty()) forget(client);
    return done;
}

Result<UniqueFd> Keeping::open(const std::string& client, const std::string& node) const
{
    const auto kept = m_clients.find(client);
    return openKept(node, kept == m_clients.end() ? std::vector<KeptDevice>{} : kept->second);
}

void Keeping::forget(const std::string& client)
{
    if (m_clients.erase(client) > 0) static_cast<void>(close({}));
}

void Keeping::forgetAll()
{
    m_clients.clear();
    static_cast<void>(close({}));
}

Fallible Keeping::close(const std::vector<FoundController>& now)
{
    std::vector<KeptDevice> all;
    for (const auto& [client, devices] : m_clients)
        all.insert(all.end(), devices.begin(), devices.end());
    return m_closing.close(rulesFor(all), now);
}

}  // namespace jolly
