// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "helper/closing.h"
#include "ports/helper.h"

#include <sys/types.h>

#include <map>
#include <string>
#include <vector>

namespace jolly
{

/// What is kept for whom.
class Keeping
{
 public:
    /// Connections of one person that may keep something, so that nobody takes others' place.
    static constexpr std::size_t kMostClients = 4;

    /// Keeps the controllers of these event nodes for `client` of the person `uid`, and gives back
    /// everything else that was. What has to be asked of the world is asked first: when that fails,
    /// and when closing fails, nothing is kept for it any more.
    [[nodiscard]] Fallible keep(const std::string& client, uid_t uid,
                                const std::vector<int>& nodes);

    /// See openKept().
    [[nodiscard]] Result<UniqueFd> open(const std::string& client, const std::string& node) const;

    /// Gives back everything that is kept for `client`.
    void forget(const std::string& client);

    void forgetAll();

    [[nodiscard]] bool isIdle() const noexcept { return m_clients.empty(); }

 private:
    [[nodiscard]] Fallible close(const std::vector<FoundController>& now);

    struct Client {
        uid_t uid = 0;
        std::vector<KeptDevice> devices{};
    };
    std::map<std::string, Client> m_clients;
    Closing m_closing;
};

}  // namespace jolly
