// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QFont>

class QApplication;
class QWidget;

namespace jolly::app
{

/// Sizes of text, in points at 96 dpi.
enum class TextSize { Small, Normal, Title, Head };

[[nodiscard]] QFont textFont(TextSize size, bool isBold = false);

/// Dresses the whole program in palette(). Call again after useLight().
void applyTheme(QApplication& application);

/// Marks a label for the theme: "dim", "straw", "coral" or "title".
void setTone(QWidget& widget, const char* tone);

inline constexpr int kRadius = 10;  ///< of cards
inline constexpr int kGap = 10;     ///< between cards

}  // namespace jolly::app
