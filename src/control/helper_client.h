// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "control/news_thread.h"
#include "ports/helper.h"

#include <functional>
#include <memory>
#include <mutex>

namespace jolly
{

/// The privileged helper on the system bus (data/dbus/org.jollytangle.Helper1.xml), which starts it
/// when it is first needed. Whoever asks does not wait, neither for the bus nor for the helper: a
/// thread of its own connects and calls.
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

    void later(std::function<void()> call);
    void carryOut();
    template <class Call>
    [[nodiscard]] Fallible ask(Call&& call);
    void keepNow(const std::vector<int>& nodes);
    void openNow(const std::string& node);
    void tell(HelperNews news);

    UniqueFd m_bell;
    UniqueFd m_callBell;
    std::mutex m_mutex;  ///< of m_news and m_calls
    std::vector<HelperNews> m_news;
    std::vector<std::function<void()>> m_calls;
    std::unique_ptr<Bus> m_bus;  ///< null until it is first needed; the caller's thread only
    NewsThread m_caller;         ///< last: it uses all of the above
};

}  // namespace jolly
