// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/style/palette.h"

namespace jolly::app
{

namespace
{

/// One row a colour: dark, light.
struct Row {
    QColor Palette::*colour;
    const char* dark;
    const char* light;
};

constexpr Row kRows[] = {
    {&Palette::ground, "#12161c", "#e9ecf0"},    {&Palette::bar, "#1a2028", "#f6f7f9"},
    {&Palette::card, "#1a2028", "#fbfcfd"},      {&Palette::raised, "#222a34", "#eef1f4"},
    {&Palette::well, "#11151b", "#dfe4ea"},      {&Palette::line, "#2d3641", "#cbd2da"},
    {&Palette::faint, "#475260", "#a3adb9"},     {&Palette::dim, "#97a2b0", "#525d6b"},
    {&Palette::text, "#dce2ea", "#1f2731"},      {&Palette::strong, "#f4f7fa", "#0b1016"},
    {&Palette::slate, "#6b7a8c", "#6b7887"},     {&Palette::straw, "#ecc564", "#835b00"},
    {&Palette::strawDeep, "#382f18", "#f3e3bd"}, {&Palette::onStraw, "#1d1706", "#ffffff"},
    {&Palette::sky, "#6cb4ee", "#175f9e"},       {&Palette::coral, "#f08c7c", "#a83a27"},
    {&Palette::mint, "#79d3a5", "#166b43"},      {&Palette::violet, "#b79cf0", "#6b49b8"},
};

Palette make(bool isLight)
{
    Palette palette;
    for (const auto& row : kRows)
        palette.*row.colour = QColor(QLatin1String(isLight ? row.light : row.dark));
    return palette;
}

bool g_isLight = false;

}  // namespace

const Palette& palette()
{
    static const Palette kDark = make(false);
    static const Palette kLight = make(true);
    return g_isLight ? kLight : kDark;
}

bool isLight()
{
    return g_isLight;
}

void useLight(bool isLight)
{
    g_isLight = isLight;
}

}  // namespace jolly::app
