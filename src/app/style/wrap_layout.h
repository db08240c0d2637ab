// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/style/item_layout.h"

namespace jolly::app
{

/// Widgets side by side, each as wide as it needs; those that do not fit begin a new line. A spacer
/// pushes the rest of its line to the right.
class WrapLayout : public ItemLayout
{
 public:
    explicit WrapLayout(int space, QWidget* parent = nullptr);

    void addStretch();

    [[nodiscard]] QSize sizeHint() const override;
    [[nodiscard]] QSize minimumSize() const override;

 private:
    int arrange(const QRect& room, bool isReal) const override;
};

}  // namespace jolly::app
