// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QPushButton>
#include <QWidget>
#include <cstdint>
#include <vector>

namespace jolly::app
{

/// A keyboard to choose keys on: each with what stands on it in the present layout, those that few
/// keyboards have included. Keys are chosen together, in the order in which they are clicked.
class DrawnKeyboard : public QWidget
{
    Q_OBJECT

 public:
    explicit DrawnKeyboard(QWidget* parent = nullptr);

    /// The kernel's codes.
    [[nodiscard]] const std::vector<std::uint16_t>& chosen() const { return m_chosen; }
    void choose(const std::vector<std::uint16_t>& keys);

 Q_SIGNALS:
    void chosenChanged();

 private:
    void toggle(std::uint16_t code, bool isOn);

    std::vector<std::pair<std::uint16_t, QPushButton*>> m_keys;
    std::vector<std::uint16_t> m_chosen;
};

}  // namespace jolly::app
