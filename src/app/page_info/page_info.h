// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QPainterPath>
#include <QString>
#include <QStringList>
#include <string_view>
#include <vector>

/// What the rail, the menus, the command line, the settings and help say of a page. Each page has a
/// file in this folder and a line in page_list.cpp.
namespace jolly::app
{

struct PageInfo {
    const char* id = "";     ///< in the settings and on the command line
    QString word{};          ///< on the rail and in the menu
    QPainterPath drawing{};  ///< around (0, 0), 22 wide and 20 high at most
    QStringList about{};     ///< "What is this page?"
    /// Whether what is wrong there is counted at its entry of the rail.
    bool (*counts)(std::string_view path) = [](std::string_view) { return false; };
};

[[nodiscard]] PageInfo rigInfo();
[[nodiscard]] PageInfo weaveInfo();
[[nodiscard]] PageInfo shapeInfo();
[[nodiscard]] PageInfo layersInfo();
[[nodiscard]] PageInfo benchInfo();

/// All pages, in the order of the rail.
[[nodiscard]] std::vector<PageInfo> pageInfos();

}  // namespace jolly::app
