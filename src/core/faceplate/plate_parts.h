// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/faceplate/plate.h"

namespace jolly
{

/// A controller's controls, sorted into the parts of its faceplate; places in the list of controls.
struct PlateParts {
    std::vector<int> pad;     ///< X and Y of a stick
    std::vector<int> mini;    ///< RX and RY of a thumb stick
    std::vector<int> wheel;   ///< the axis that turns a wheel
    std::vector<int> bars;    ///< other two-sided axes
    std::vector<int> levers;  ///< one-sided axes
    std::vector<int> hats;
    std::vector<int> turners;
    std::vector<int> toggles;
    std::vector<int> buttons;
    std::vector<int> switches;  ///< places in the list of switches

    explicit PlateParts(const Plate& plate);

    [[nodiscard]] bool hasSmallThings() const;

    /// These are drawn already.
    void drop(const std::vector<int>& controls);

 private:
    void takePair(const Plate& plate, int x, int y, std::vector<int>& pair);
    void takeWheel(const Plate& plate);
    void sort(const PlateControl& control, int place);

    std::vector<bool> m_isTaken;
};

}  // namespace jolly
