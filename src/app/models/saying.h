// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QDateTime>
#include <QString>

namespace jolly::app
{

/// A sentence to the pilot about what came of something.
struct Saying {
    enum class Tone {
        Calm,  ///< so it is now
        Good,  ///< done
        Bad,   ///< refused, or in danger
    };

    QString sentence;
    Tone tone = Tone::Calm;
    QDateTime when{};

    friend bool operator==(const Saying&, const Saying&) = default;
};

}  // namespace jolly::app
