// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <ostream>
#include <streambuf>

namespace jolly
{

/// Keeps control characters away from a terminal, for as long as it lives: names come from files
/// and devices, and may hold anything. Each is shown as "?"; line feeds and tabs go through.
class PlainOutput : private std::streambuf
{
 public:
    explicit PlainOutput(std::ostream& stream) : m_stream(stream), m_below(stream.rdbuf(this)) {}
    PlainOutput(const PlainOutput&) = delete;
    PlainOutput& operator=(const PlainOutput&) = delete;
    ~PlainOutput() override
    {
        m_stream.flush();
        m_stream.rdbuf(m_below);
    }

 private:
    int_type overflow(int_type c) override;
    std::streamsize xsputn(const char* text, std::streamsize size) override;
    int sync() override { return m_below->pubsync(); }

    std::ostream& m_stream;
    std::streambuf* m_below;
    bool m_isAfterC2 = false;  ///< the last byte began what may be a control character of two bytes
};

}  // namespace jolly
