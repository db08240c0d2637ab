// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/models/finding.h"

#include <algorithm>
#include <numeric>

namespace jolly::app
{

namespace
{

constexpr int kInside = 3;
constexpr int kSlip = 6;

/// How many slips of the hand may be in a word.
int slipsAllowed(qsizetype letters)
{
    return letters < 4 ? 0 : letters < 8 ? 1 : 2;
}

/// The slips between `typed` and the beginning of `word` that is nearest to it: the distance of
/// Damerau and Levenshtein in its form without overlaps (optimal string alignment).
int slipsBetween(const QString& typed, const QString& word)
{
    const auto columns = static_cast<std::size_t>(word.size()) + 1;
    std::vector<int> before(columns);
    std::vector<int> above(columns);
    std::vector<int> row(columns);
    std::iota(above.begin(), above.end(), 0);
    for (qsizetype i = 1; i <= typed.size(); ++i) {
        row[0] = static_cast<int>(i);
        for (std::size_t j = 1; j < columns; ++j) {
            const auto w = static_cast<qsizetype>(j) - 1;
            const int change = typed[i - 1] == word[w] ? 0 : 1;
            row[j] = std::min({above[j] + 1, row[j - 1] + 1, above[j - 1] + change});
            const bool areSwapped =
                i > 1 && j > 1 && typed[i - 1] == word[w - 1] && typed[i - 2] == word[w];
            if (areSwapped) row[j] = std::min(row[j], before[j - 2] + 1);
        }
        std::swap(before, above);
        std::swap(above, row);
    }
    return *std::ranges::min_element(above);
}

int distanceOfWord(const QString& typed, const QStringList& words, const QString& whole)
{
    int best = -1;
    const auto take = [&best](int distance) {
        if (best < 0 || distance < best) best = distance;
    };
    for (const auto& word : words) {
        if (word == typed) take(0);
        if (word.startsWith(typed)) take(1);
    }
    if (best >= 0) return best;
    if (whole.contains(typed)) return kInside;
    for (const auto& word : words) {
        const int slips = slipsBetween(typed, word);
        if (slips <= slipsAllowed(typed.size())) take(kSlip * slips);
    }
    return best;
}

}  // namespace

QString plainLetters(const QString& text)
{
    QString plain;
    for (const auto letter : text.normalized(QString::NormalizationForm_KD)) {
        if (letter.category() != QChar::Mark_NonSpacing) plain += letter.toLower();
    }
    return plain;
}

int distanceOf(const QStringList& typed, const QString& words)
{
    QStringList parts{{}};
    for (const auto letter : words) {
        if (letter.isLetterOrNumber()) {
            parts.back() += letter;
        } else if (!parts.back().isEmpty()) {
            parts << QString();
        }
    }
    int sum = 0;
    for (const auto& word : typed) {
        const int distance = distanceOfWord(word, parts, words);
        if (distance < 0) return -1;
        sum += distance;
    }
    return sum;
}

std::vector<std::size_t> findIn(const std::vector<Found>& all, const QString& typed)
{
    const auto words = plainLetters(typed).split(QLatin1Char(' '), Qt::SkipEmptyParts);
    std::vector<std::pair<int, std::size_t>> hits;
    for (std::size_t i = 0; i < all.size(); ++i) {
        const auto& each = all[i];
        const auto text =
            plainLetters(each.words + QLatin1Char(' ') + each.kind + QLatin1Char(' ') + each.other);
        const int distance = distanceOf(words, text);
        if (distance >= 0) hits.emplace_back(distance, i);
    }
    std::ranges::stable_sort(hits, {}, &std::pair<int, std::size_t>::first);
    std::vector<std::size_t> places;
    for (const auto& [distance, place] : hits) places.push_back(place);
    return places;
}

}  // namespace jolly::app
