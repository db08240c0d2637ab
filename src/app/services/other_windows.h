// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QLockFile>
#include <memory>

namespace jolly::app
{

/// Knows whether another window of this user is open: they may share one engine, which then
/// outlives the first of them that closes.
class OtherWindows
{
 public:
    /// Takes a place among the windows for as long as this lives.
    OtherWindows();

    [[nodiscard]] bool areOthersThere() const;

 private:
    std::unique_ptr<QLockFile> m_mine;
};

}  // namespace jolly::app
