// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QImage>
#include <QString>
#include <QStringList>
#include <functional>
#include <vector>

namespace jolly::app
{

/// Something that can be found, and what choosing it does.
struct Found {
    QString words;
    QString kind;  ///< what it is, in one word: "control", "strand", "command"
    std::function<void()> go;
    QString keys{};   ///< the shortcut, where there is one
    QString other{};  ///< further words by which it is found, not shown
    QString about{};  ///< what it does, where its words do not say it
    QImage picture{};
};

/// Text as it is compared: small letters without marks.
[[nodiscard]] QString plainLetters(const QString& text);

/// How well something answers to what was typed: every typed word has to be the beginning of a
/// word, a part of one, or a word with a slip (a letter wrong, missing, too many, or two swapped;
/// two slips in a long word). The order of the words does not count.
///
/// @return less is better; -1 when it does not answer.
[[nodiscard]] int distanceOf(const QStringList& typed, const QString& words);

/// Those that answer, the best first; all of them when nothing is typed.
[[nodiscard]] std::vector<std::size_t> findIn(const std::vector<Found>& all, const QString& typed);

}  // namespace jolly::app
