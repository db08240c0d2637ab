// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <cstddef>

namespace jolly::test
{

/// Counts what is allocated between its making and count(), by the thread that asks.
class AllocationGuard
{
 public:
    AllocationGuard() noexcept;
    [[nodiscard]] std::size_t count() const noexcept;

 private:
    std::size_t m_before;
};

}  // namespace jolly::test
