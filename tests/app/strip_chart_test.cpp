// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/shape/strip_chart.h"

#include "app/style/palette.h"

#include <gtest/gtest.h>

#include <QApplication>

namespace jolly::app
{
namespace
{

/// The height at which the shaped line is near the right end, from 0 at the bottom to 1 at the top;
/// -1 when it is not seen.
double heightNow(const std::deque<TraceSample>& samples, Sides sides)
{
    StripChart chart;
    chart.resize(320, 118);
    chart.show(samples, std::chrono::seconds(20), sides, sides);
    QCoreApplication::processEvents();
    const auto image = chart.grab().toImage();
    const int column = image.width() - 8;
    for (int y = 0; y < image.height(); ++y) {
        if (image.pixelColor(column, y) == palette().straw)
            return 1.0 - static_cast<double>(y) / image.height();
    }
    return -1.0;
}

TEST(StripChart, ShowsWhatCameOutUntilNow)
{
    const auto at = [](int seconds, double value) {
        return TraceSample{std::chrono::seconds(seconds), value, value};
    };
    const double low = heightNow({at(12, 0.9), at(18, -0.9)}, Sides::Two);
    const double rest = heightNow({at(12, -0.9), at(18, 0.0)}, Sides::Two);
    const double high = heightNow({at(12, 0.0), at(18, 0.9)}, Sides::Two);
    EXPECT_GT(low, 0.0) << "the last value stays until now";
    EXPECT_LT(low, rest - 0.2);
    EXPECT_LT(rest, high - 0.2);
    EXPECT_LT(heightNow({at(12, 0.9), at(18, 0.0)}, Sides::One), rest - 0.2)
        << "a lever's rest is at the bottom";
    EXPECT_EQ(heightNow({}, Sides::Two), -1.0) << "and nothing is drawn of nothing";
}

}  // namespace
}  // namespace jolly::app
