// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/json_number.h"

#include <gmock/gmock.h>
#include <nlohmann/json.hpp>

#include <cmath>
#include <cstdlib>
#include <cstring>
#include <random>

namespace jolly
{
namespace
{

std::string written(double number)
{
    std::string line;
    addNumber(line, number);
    return line;
}

TEST(JsonNumber, IsWrittenInTheFormOfJson)
{
    for (const double number : {0.0, -0.0, 1.0, -1.0, 0.1, 1e-4, 9.9999e-5, 1e-5, 123456.0, 1e5,
                                1e14, 999999999999999.0, 1e15, 1e16, 1.5e300, 5e-324, 0.02, 21.1})
        EXPECT_EQ(written(number), nlohmann::json(number).dump());
}

TEST(JsonNumber, ReadsAsTheSameNumberAndIsNoLongerThanItHasToBe)
{
    std::mt19937_64 random(13);
    for (int i = 0; i < 200'000; ++i) {
        double any = 0.0;
        const auto bits = random();
        std::memcpy(&any, &bits, sizeof any);
        const double value = static_cast<double>(bits % 2'000'001) / 1e6 - 1.0;
        for (const double number : {any, value}) {
            if (!std::isfinite(number)) continue;
            const auto text = written(number);
            EXPECT_EQ(std::strtod(text.c_str(), nullptr), number) << text;
            EXPECT_EQ(nlohmann::json::parse(text).get<double>(), number) << text;
            EXPECT_LE(text.size(), nlohmann::json(number).dump().size()) << text;
        }
    }
}

}  // namespace
}  // namespace jolly
