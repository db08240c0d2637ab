// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/value/result.h"
#include "helper/desk_lookup.h"

#include <filesystem>
#include <string>
#include <vector>

namespace jolly
{

/// Closes device files and opens them again, through udev: files of rules below /run say what is
/// closed, and udev is told to look at the devices again. So nothing has to be remembered of what
/// was taken: without the files udev gives everybody what its own rules say.
class Closing
{
 public:
    /// Everything that a killed helper left closed is opened.
    Closing();

    /// Closes exactly what `rules` says, see rulesFor().
    ///
    /// @param now  controllers that are to be closed when this returns. System when one is not.
    [[nodiscard]] Fallible close(const std::string& rules, const std::vector<FoundController>& now);

 private:
    std::string m_rules;
};

/// Opens everything that was ever closed.
void openAll();

}  // namespace jolly
