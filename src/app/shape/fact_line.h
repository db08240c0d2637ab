// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QWidget>
#include <functional>

class QLabel;
class QPushButton;

namespace jolly::app
{

/// What is known of a stage beyond its numbers, and what can be done about it at one click.
struct StageFact {
    QString words{};
    QString offer{};  ///< empty when nothing is to be done
    std::function<void()> deed{};
};

/// A line that tells a fact; it is not there while there is none.
class FactLine : public QWidget
{
 public:
    /// @param number  of its stage, for the names of what is in it.
    explicit FactLine(int number, QWidget* parent = nullptr);

    void show(const StageFact& fact);

 private:
    QLabel* m_words;
    QPushButton* m_offer;
    std::function<void()> m_deed;
};

}  // namespace jolly::app
