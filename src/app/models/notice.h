// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QString>
#include <functional>
#include <vector>

namespace jolly::app
{

/// Something that the pilot has to decide on, when it suits: it stays until one of its ways is
/// taken, or what it is about is over.
struct Notice {
    struct Way {
        QString words;               ///< what a button says
        std::function<void()> deed;  ///< the notice goes first; may be empty
    };

    QString id;  ///< there is one of each at most
    QString sentence;
    std::vector<Way> ways;
    bool isTrouble = false;  ///< something went wrong: told on the desktop, too
};

}  // namespace jolly::app
