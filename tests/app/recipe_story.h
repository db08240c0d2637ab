// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/listen/listen_field.h"
#include "window_story.h"

#include <QAction>
#include <QComboBox>
#include <QDoubleSpinBox>

namespace jolly::test
{

/// Plays docs/recipes.md in the window, and looks at what a game gets.
class Recipe : public WindowStory
{
 protected:
    Recipe() { EXPECT_TRUE(goLive()); }

    void set(const char* box, double percent)
    {
        if (auto* found = find<QDoubleSpinBox>(box)) found->setValue(percent);
        settle();
        step();
    }

    void choose(const QWidget& in, const char* box, int way)
    {
        auto* found = in.findChild<QComboBox*>(QLatin1String(box));
        ASSERT_NE(found, nullptr);
        found->setCurrentIndex(way);
        Q_EMIT found->activated(way);
        settle();
        step();
    }

    /// Which buttons the game sees pressed.
    std::string pressed()
    {
        const auto& device = *local.world.device("Jolly");
        std::string numbers;
        for (std::size_t slot = 0; slot < device.spec.slots.size(); ++slot) {
            const auto control = device.spec.slots[slot].control;
            if (control.kind == ControlKind::Button && device.spec.values[slot].x == 1)
                numbers += std::to_string(control.number);
        }
        return numbers;
    }

    /// Likewise at each place of a control.
    std::vector<std::string> along(std::initializer_list<int> places, ControlCode of = kThrottle)
    {
        std::vector<std::string> seen;
        for (const int place : places) {
            move(of, place);
            seen.push_back(pressed());
        }
        return seen;
    }

    void add(const char* stage)
    {
        addStage(QLatin1String(stage), window.weavePage());
        step();
    }

    /// The field listens for the next touch.
    void listen(const char* field)
    {
        auto* found = find<app::ListenField>(field);
        ASSERT_NE(found, nullptr);
        found->listen();
    }

    Handle plug(const ControllerDescription& description)
    {
        const auto handle =
            local.world.plug(description, std::vector<Counts>(description.controls.size()));
        step();
        settle();
        return handle;
    }

    /// Moves a control of another controller.
    void turn(Handle controller, int control, std::int32_t raw)
    {
        local.world.move(controller, {{static_cast<std::uint16_t>(control), false, raw}});
        step();
        settle();
    }

    void touch(Handle controller, int control)
    {
        turn(controller, control, 1);
        turn(controller, control, 0);
    }

    static ControllerDescription keyboardWith(std::initializer_list<int> keyCodes)
    {
        ControllerDescription keyboard{.identity = {3, 0x6a01, 8, 1, "Test Keys", "", "usb-8"},
                                       .kind = ControllerKind::Keyboard};
        for (const int code : keyCodes)
            keyboard.controls.push_back(
                {{EventType::Key, static_cast<std::uint16_t>(code), 0}, ControlKind::Button});
        return keyboard;
    }

    static ControlDescription turner(int code)
    {
        return {{EventType::Rel, static_cast<std::uint16_t>(code), 0}, ControlKind::Turner};
    }

    /// Lets time pass, with all that moves by itself.
    void pass(int ms)
    {
        const auto end = local.world.now() + ms * std::chrono::milliseconds(1);
        for (auto now = local.world.now(); now < end; now += std::chrono::milliseconds(4)) {
            local.world.setNow(now);
            step();
        }
        local.world.setNow(end);
        step();
    }
};

}  // namespace jolly::test
