// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/desk.h"

#include <QAbstractButton>

namespace jolly::app
{

/// What one control does now, beside its drawing: the deed, and beneath it the control and the
/// layer that gives it.
class Callout : public QAbstractButton
{
 public:
    static constexpr int kHeight = 35;

    struct Words {
        Source control{};
        QString deed{};
        QString from{};  ///< "1 · On water"
        QString more{};  ///< "replaces Base"
        std::size_t layer = 0;
        bool shows = false;  ///< it shows through from below a layer that is engaged
        bool isChosen = false;

        friend bool operator==(const Words&, const Words&) = default;
    };

    explicit Callout(QWidget* parent);

    void show(const Words& words, bool isLeft);
    [[nodiscard]] const Words& words() const { return m_words; }
    [[nodiscard]] bool isLeft() const { return m_isLeft; }

 protected:
    void paintEvent(QPaintEvent* event) override;

 private:
    Words m_words;
    bool m_isLeft = false;
};

}  // namespace jolly::app
