// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/strands/outlet_picture.h"

#include "app/strands/hat_rose.h"
#include "app/strands/press_line.h"
#include "app/strands/switch_lever.h"

namespace jolly::app
{

OutletPicture* OutletPicture::of(const Stage& stage, QWidget* parent)
{
    OutletPicture* picture = nullptr;
    switch (infoOf(stage.parameters).picture) {
        case Picture::None:
            return nullptr;
        case Picture::Positions:
            picture = new SwitchLever(parent);
            break;
        case Picture::Presses:
            picture = new PressLine(parent);
            break;
        case Picture::Ways:
            picture = new HatRose(parent);
            break;
    }
    picture->setStage(stage);
    return picture;
}

void OutletPicture::setPressed(const std::vector<bool>& pressed)
{
    if (pressed == m_pressed) return;
    m_pressed = pressed;
    update();
}

}  // namespace jolly::app
