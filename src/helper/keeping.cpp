// SPDX-License-Identifier: GPL-3.0-or-later
#include "helper/keeping.h"

#include <algorithm>

namespace jolly
{

Fallible Keeping::keep(const std::string& client, uid_t uid, const std::vector<int>& nodes)
{
    const auto others = std::ranges::count_if(m_clients, [&](const auto& each) {
        return each.first != client && each.second.uid == uid;
    });
    std::vector<FoundController> controllers;
    std::vector<KeptDevice> devices;
    Fallible done;
    if (nodes.size() > kMostKeptControllers || static_cast<std::size_t>(others) >= kMostClients)
        done = fail(Failure::Code::Busy, words("That is more than can be kept."),
                    words("Keep fewer controllers alone."));
    for (std::size_t i = 0; done && i < nodes.size(); ++i) {
        auto found = findController(nodes[i]);
        if (!found) {
            done = tl::unexpected(std::move(found.error()));
            break;
        }
        if (!std::ranges::all_of(found->devices, canBeNamed)) {
            done =
                fail(Failure::Code::NotAllowed,
                     words("A controller has neither a serial number nor a port that a rule could "
                           "name, so its twin would be closed, too."),
                     words("Plug it in elsewhere, or only hold it."));
            break;
        }
        devices.insert(devices.end(), found->devices.begin(), found->devices.end());
        controllers.push_back(std::move(*found));
    }
    if (done && !devices.empty()) {
        m_clients[client] = {uid, std::move(devices)};
        done = close(controllers);
    }
    if (!done || nodes.empty()) forget(client);
    return done;
}

Result<UniqueFd> Keeping::open(const std::string& client, const std::string& node) const
{
    const auto kept = m_clients.find(client);
    return openKept(node,
                    kept == m_clients.end() ? std::vector<KeptDevice>{} : kept->second.devices);
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
    for (const auto& [name, client] : m_clients)
        all.insert(all.end(), client.devices.begin(), client.devices.end());
    return m_closing.close(rulesFor(all), now);
}

}  // namespace jolly
