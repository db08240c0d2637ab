// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/page_info/page_info.h"

namespace jolly::app
{

std::vector<PageInfo> pageInfos()
{
    return {rigInfo(),     //
            weaveInfo(),   //
            shapeInfo(),   //
            layersInfo(),  //
            benchInfo()};
}

}  // namespace jolly::app
