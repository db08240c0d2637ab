// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QColor>

namespace jolly::app
{

/// Every colour of the program. Straw is what is ours and live; sky, coral, mint and violet are
/// layers. All pairs that must be told apart differ in lightness, too.
struct Palette {
    QColor ground;  ///< the window
    QColor bar;     ///< top bar, rail and status bar
    QColor card;    ///< cards
    QColor raised;  ///< things on cards
    QColor well;    ///< grooves and graphs
    QColor line;    ///< borders
    QColor faint;   ///< what is there but not used
    QColor dim;     ///< secondary text
    QColor text;
    QColor strong;  ///< text and dots that stand out
    QColor slate;   ///< values of controls without a strand
    QColor straw;
    QColor strawDeep;  ///< fills beneath straw
    QColor onStraw;    ///< text on straw
    QColor sky;
    QColor coral;
    QColor mint;
    QColor violet;
};

/// The palette in use; dark until useLight(true).
[[nodiscard]] const Palette& palette();
[[nodiscard]] bool isLight();
void useLight(bool isLight);

}  // namespace jolly::app
