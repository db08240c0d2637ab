// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "ports/helper.h"

#include <memory>
#include <mutex>

namespace jolly
{

/// The privileged helper on the system bus (data/dbus/org.jollytangle.Helper1.xml), which starts it
/// when it is first needed.
class HelperClient : public Helper
{
 public:
    HelperClient();
    ~HelperClient() override;

    [[nodiscard]] int fd() const noexcept override { return m_bell.get(); }
    void keep(const std::vector<int>& nodes) override;
    void open(const std::string& node) override;
    [[nodiscard]] std::vector<HelperNews> news() override;

 private:
    class Bus;

    template <class Call>
    [[nodiscard]] Fallible ask(Call&& call);
    void tell(HelperNews news);

    UniqueFd m_bell;
    std::mutex m_mutex;  ///< of m_news, which the bus's own thread adds to
    std::vector<HelperNews> m_news;
    std::unique_ptr<Bus> m_bus;  ///< null until it is first needed
};

}  // namespace jolly
