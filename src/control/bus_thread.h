// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <sdbus-c++/sdbus-c++.h>

#include <functional>
#include <thread>

namespace jolly
{

/// Hears the messages of a connection on a thread of its own, until it is destroyed or the bus
/// dies. (sdbus-c++'s own thread lets the exception of a dead bus end the program.)
class BusThread
{
 public:
    /// @param died  called on that thread when the bus has died; may be empty.
    explicit BusThread(sdbus::IConnection& connection, std::function<void()> died = {})
        : m_connection(connection), m_thread([this, died = std::move(died)] {
              try {
                  m_connection.enterEventLoop();
              } catch (const sdbus::Error&) {
                  if (died) died();
              }
          })
    {
    }
    BusThread(const BusThread&) = delete;
    BusThread& operator=(const BusThread&) = delete;
    ~BusThread()
    {
        m_connection.leaveEventLoop();
        m_thread.join();
    }

 private:
    sdbus::IConnection& m_connection;
    std::thread m_thread;
};

}  // namespace jolly
