// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/faceplate/card.h"
#include "app/models/studio.h"
#include "app/style/value_text.h"

#include <QComboBox>
#include <QLabel>
#include <QLineEdit>

class QGridLayout;

namespace jolly::app
{

/// What there is to know and to set about the selected control: name, kind, raw count, the range
/// and the rest noise seen since it was selected.
class ControlFacts : public Card
{
    Q_OBJECT

 public:
    explicit ControlFacts(Studio& studio, QWidget* parent = nullptr);

    void showSelection();
    void showValues();

 private:
    void build();
    ValueLabel* addRow(QGridLayout& grid, const QString& title, const char* name);
    void setControl(const QString& step, const std::function<void(RigControl&)>& change);
    void watch(std::int32_t raw, std::uint64_t moves);

    Studio& m_studio;
    QLabel* m_title = nullptr;
    QWidget* m_body = nullptr;
    QLineEdit* m_label = nullptr;
    QComboBox* m_kind = nullptr;
    ValueLabel* m_raw = nullptr;
    ValueLabel* m_value = nullptr;
    ValueLabel* m_range = nullptr;
    ValueLabel* m_noise = nullptr;
    std::optional<ControlRef> m_watched;
    std::optional<std::pair<std::int32_t, std::int32_t>> m_seen;
    std::vector<std::int32_t> m_recent;
    std::uint64_t m_moves = 0;
};

}  // namespace jolly::app
