// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/plan/machine.h"
#include "core/tangle/tangle.h"

#include <cstdint>
#include <map>
#include <string>
#include <vector>

namespace jolly
{

/// Prints what leaves a tangle that is replayed, one JSON object a line, on standard output.
class ChangePrinter
{
 public:
    /// @param machine  of the tangle; stays for as long as this lives.
    ChangePrinter(const Tangle& tangle, Machine& machine);

    /// A virtual control took another value. @param t  seconds.
    void print(double t, const Change& change);

    /// What came besides: layers that were engaged or let go, another craft, an order to stand
    /// down.
    void tellRest(double t);

 private:
    void beginLine(double t);
    void endLine();

    Machine& m_machine;
    std::string m_line;
    std::uint64_t m_engaged = 1;
    std::uint32_t m_craft = 0;
    std::map<std::uint32_t, std::int32_t> m_sent;  ///< sums of virtual turners, by output
    std::vector<std::string> m_heads;              ///< of each output's lines
};

}  // namespace jolly
