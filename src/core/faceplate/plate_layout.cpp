// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/faceplate/flow.h"
#include "core/faceplate/pad_layout.h"
#include "core/faceplate/plate_parts.h"
#include "core/faceplate/plate_sizes.h"

#include <linux/input-event-codes.h>

#include <algorithm>

namespace jolly
{

namespace
{

constexpr int kPartSpace = 10;
constexpr int kPad = 104;
constexpr int kMini = 48;
constexpr int kLeverWidth = 64;
constexpr int kLeastLeverWidth = 38;
constexpr std::size_t kMostStanding = 3;  ///< beside small things; the others lie below
constexpr int kLeverHeight = 128;
constexpr int kRoomForSmallThings = 120;  ///< to the right of levers
constexpr int kSmallDot = 22;
constexpr int kDotSpace = 4;
constexpr std::size_t kManyButtons = 60;
constexpr int kKey = 22;
constexpr int kToggleWidth = 48;
constexpr int kToggleHeight = 34;
constexpr int kSwitchWidth = 72;
constexpr int kPositionHeight = 15;
constexpr int kRow = 31;
constexpr int kVirtualDot = 19;
constexpr int kVirtualInARow = 16;
constexpr int kNamed = 26;
constexpr int kCap = 30;

/// The codes with which the rows of a keyboard begin.
constexpr int kKeyRows[] = {KEY_TAB, KEY_LEFTCTRL, KEY_LEFTSHIFT,      KEY_KPASTERISK,
                            KEY_F1,  KEY_NUMLOCK,  KEY_ZENKAKUHANKAKU, KEY_HOME};

/// How many letters a text has.
int lettersOf(const std::string& text)
{
    return static_cast<int>(std::ranges::count_if(
        text, [](char c) { return (static_cast<unsigned char>(c) & 0xC0U) != 0x80U; }));
}

/// Lays out each kind of controller from what most of that kind look like.
class ControllerLayout
{
 public:
    ControllerLayout(const Plate& plate, int width) : m_plate(plate), m_parts(plate), m_width(width)
    {
    }

    PlateLayout run()
    {
        switch (m_plate.kind) {
            case ControllerKind::Pedals:
                placePedals();
                break;
            case ControllerKind::Gamepad:
                placeGamepad();
                break;
            case ControllerKind::Keyboard:
                placeKeys();
                break;
            default:
                placeDeskController();
        }
        m_layout.height = m_bottom;
        return std::move(m_layout);
    }

 private:
    void add(Shape shape, std::vector<int> controls, Box rect)
    {
        m_layout.items.push_back({shape, std::move(controls), rect});
        m_bottom = std::max(m_bottom, rect.bottom());
    }

    /// Stick, throttle, wheel, box and pointer: what the hand rests on at the left, small things
    /// beside it.
    void placeDeskController()
    {
        if (m_parts.pad.empty() && m_parts.wheel.empty()) placeWideBars();
        const int left = placeLeft();
        if (m_parts.hasSmallThings()) placeSmallThings(left, m_top);
    }

    void placeWideBars()
    {
        for (const int i : m_parts.bars) {
            add(Shape::Bar, {i}, Box{0, m_top, m_width, kBar + kLabel});
            m_top += kBar + kLabel + kPartSpace;
        }
    }

    /// @return the width it took.
    int placeLeft()
    {
        if (!m_parts.wheel.empty()) {
            add(Shape::Wheel, m_parts.wheel, Box{0, m_top, kPad, kPad + kLabel});
            const int pedals = static_cast<int>(m_parts.levers.size());
            const int room = m_width - kPad - kPartSpace;
            const int each = pedals > 0 ? std::min(room / pedals, kLeverWidth) : 0;
            for (int n = 0; n < pedals; ++n)
                add(Shape::Lever, {m_parts.levers[static_cast<std::size_t>(n)]},
                    Box{kPad + kPartSpace + n * each, m_top, each, kPad + kLabel});
            m_top = placeBars(m_parts.bars, m_top + kPad + kLabel + 6);
            return 0;
        }
        if (!m_parts.pad.empty()) {
            add(Shape::Pad, m_parts.pad, Box{0, m_top, kPad, kPad + kLabel});
            placeBars(m_parts.levers, placeBars(m_parts.bars, m_top + kPad + kLabel + 4));
            return kPad + kPartSpace + 4;
        }
        if (m_parts.levers.empty()) return 0;
        if (!m_parts.hasSmallThings()) return placeStanding(m_parts.levers, m_width);
        // As many as stand on a usual faceplate, nearer to each other on a narrow one.
        const auto standing = std::min(kMostStanding, m_parts.levers.size());
        const int room = (m_width - kRoomForSmallThings) / static_cast<int>(standing);
        const int width =
            static_cast<int>(standing) * std::clamp(room, kLeastLeverWidth, kLeverWidth);
        const auto middle = m_parts.levers.begin() + static_cast<std::ptrdiff_t>(standing);
        placeStanding({m_parts.levers.begin(), middle}, width);
        int y = m_top + kLeverHeight + kLabel + 4;
        for (auto each = middle; each != m_parts.levers.end(); ++each, y += kBar + kLabel + 4)
            add(Shape::Bar, {*each}, Box{0, y, width, kBar + kLabel});
        return width + kPartSpace;
    }

    /// Under a pad. @return where the next thing goes.
    int placeBars(const std::vector<int>& axes, int y)
    {
        for (const int i : axes) {
            add(Shape::Bar, {i}, Box{0, y, kPad, kBar + kLabel});
            y += kBar + kLabel + 4;
        }
        return y;
    }

    int placeStanding(const std::vector<int>& levers, int width)
    {
        const int each = width / static_cast<int>(levers.size());
        for (int n = 0; n < static_cast<int>(levers.size()); ++n)
            add(Shape::Lever, {levers[static_cast<std::size_t>(n)]},
                Box{n * each, m_top, each, kLeverHeight + kLabel});
        return 0;
    }

    /// The axis that turns them on top, what the toes press side by side below it.
    void placePedals()
    {
        m_parts.bars.insert(m_parts.bars.end(), m_parts.pad.begin(), m_parts.pad.end());
        placeWideBars();
        if (!m_parts.levers.empty()) placeStanding(m_parts.levers, m_width);
        if (m_parts.hasSmallThings()) placeSmallThings(0, m_bottom > 0 ? m_bottom + kPartSpace : 0);
    }

    /// What the kernel knows of a gamepad is where hands know it; what else it has follows below.
    void placeKnownGamepad()
    {
        for (auto& item : padItems(m_plate, m_width, 0)) {
            m_parts.drop(item.controls);
            add(item.shape, std::move(item.controls), item.rect);
        }
        m_top = m_bottom + kPartSpace;
        m_parts.bars.insert(m_parts.bars.end(), m_parts.levers.begin(), m_parts.levers.end());
        placeWideBars();
        if (m_parts.hasSmallThings()) placeSmallThings(0, m_bottom + kPartSpace);
    }

    /// Triggers on top, then a thumb stick at either side of what is in the middle.
    void placeGamepad()
    {
        if (hasPadButtons(m_plate)) return placeKnownGamepad();
        auto shoulders = m_parts.levers;
        shoulders.insert(shoulders.end(), m_parts.bars.begin(), m_parts.bars.end());
        Flow bars(0, 0, m_width);
        for (const int i : shoulders)
            add(Shape::Bar, {i}, bars.place((m_width - kPartSpace) / 2, kBar + kLabel));
        const int top = m_bottom > 0 ? m_bottom + kPartSpace : 0;
        const int stick = std::clamp((m_width - kDial - 2 * kPartSpace) / 2, kMini, 84);
        if (!m_parts.pad.empty()) add(Shape::Pad, m_parts.pad, Box{0, top, stick, stick + kLabel});
        if (!m_parts.mini.empty())
            add(Shape::Pad, m_parts.mini, Box{m_width - stick, top, stick, stick + kLabel});
        m_parts.mini.clear();
        Flow middle(stick + kPartSpace, top, m_width - 2 * (stick + kPartSpace));
        for (const int i : m_parts.hats) add(Shape::Hat, {i}, middle.place(kDial, kDial + kLabel));
        m_parts.hats.clear();
        if (m_parts.hasSmallThings()) placeSmallThings(0, m_bottom > 0 ? m_bottom + kPartSpace : 0);
    }

    /// Keys in the order of their codes, which is that of the rows of a keyboard.
    void placeKeys()
    {
        auto keys = m_parts.buttons;
        keys.insert(keys.end(), m_parts.toggles.begin(), m_parts.toggles.end());
        std::ranges::sort(keys, {}, [this](int i) {
            return m_plate.controls[static_cast<std::size_t>(i)].code.code;
        });
        m_parts.buttons.clear();
        m_parts.toggles.clear();
        if (m_parts.hasSmallThings() || !m_parts.bars.empty()) placeDeskController();
        Flow flow(0, m_bottom > 0 ? m_bottom + kPartSpace : 0, m_width);
        flow.setSpace(2);
        std::size_t row = 0;
        for (const int i : keys) {
            const int code = m_plate.controls[static_cast<std::size_t>(i)].code.code;
            bool isNewRow = false;
            while (row < std::size(kKeyRows) && code >= kKeyRows[row]) {
                isNewRow = true;
                ++row;
            }
            if (isNewRow) flow.newLine();
            add(Shape::Cap, {i}, flow.place(keyWidth(i), kKey));
        }
    }

    /// As wide as what stands on it.
    [[nodiscard]] int keyWidth(int key) const
    {
        constexpr int kLetter = 6;
        const auto letters =
            lettersOf(m_plate.controls[static_cast<std::size_t>(key)].number.english());
        return kKey + kLetter * std::max(0, letters - 1);
    }

    void placeSmallThings(int left, int top)
    {
        Flow flow(left, top, m_width - left);
        flow.setSpace(kDotSpace);
        for (const int i : m_parts.hats) add(Shape::Hat, {i}, flow.place(kDial, kDial + kLabel));
        if (!m_parts.mini.empty())
            add(Shape::Pad, m_parts.mini, flow.place(kDial, kMini + kLabel + (kDial - kMini)));
        for (const int i : m_parts.turners)
            add(Shape::Turner, {i}, flow.place(kDial, kDial + kLabel));
        const int dot = m_parts.buttons.size() > kManyButtons ? kSmallDot : kDot;
        if (m_parts.switches.empty() && m_parts.toggles.empty() && placeButtonsIn(flow.rest(), dot))
            return;
        flow.newLine();
        for (const int s : m_parts.switches) addSwitch(s, flow);
        for (const int i : m_parts.toggles)
            add(Shape::Toggle, {i}, flow.place(kToggleWidth, kToggleHeight + kLabel - 2));
        flow.newLine();
        for (const int i : m_parts.buttons) add(Shape::Button, {i}, flow.place(dot, dot));
    }

    /// Beside the dials where all of them fit, in the middle of their height.
    bool placeButtonsIn(Box room, int dot)
    {
        const int each = dot + kDotSpace;
        const int most = (room.width + kDotSpace) / each;
        const int count = static_cast<int>(m_parts.buttons.size());
        if (count == 0 || most < 2) return false;
        const int rows = (count + most - 1) / most;
        const int height = rows * each - kDotSpace;
        if (height > kDial) return false;
        const int inARow = (count + rows - 1) / rows;  // as many in each row
        Flow flow(room.left, room.top + (kDial - height) / 2, inARow * each);
        flow.setSpace(kDotSpace);
        for (const int i : m_parts.buttons) add(Shape::Button, {i}, flow.place(dot, dot));
        return true;
    }

    void addSwitch(int place, Flow& flow)
    {
        const auto& positions = m_plate.switches[static_cast<std::size_t>(place)].positions;
        std::vector<int> controls;
        for (const auto& position : positions) {
            const int button = placeOf(m_plate.controls, position.button);
            if (button >= 0) controls.push_back(button);
        }
        const int height = static_cast<int>(positions.size()) * kPositionHeight + kLabel + 2;
        add(Shape::Switch, controls, flow.place(kSwitchWidth, height));
        m_layout.items.back().ofSwitch = place;
    }

    const Plate& m_plate;
    PlateParts m_parts;
    PlateLayout m_layout;
    int m_width;
    int m_top = 0;
    int m_bottom = 0;
};

}  // namespace

PlateLayout layOutByItself(const Plate& plate, int width)
{
    return ControllerLayout(plate, width).run();
}

namespace
{

void placeCaps(const Plate& plate, int width, const CapWidth& capWidth, Flow& rows,
               PlateLayout& layout)
{
    rows.setSpace(6);
    for (int i = 0; i < static_cast<int>(plate.controls.size()); ++i) {
        const auto& keys = plate.controls[static_cast<std::size_t>(i)].number;
        const int wide = std::min(width, capWidth(keys));
        layout.items.push_back({Shape::Cap, {i}, rows.place(wide, kCap)});
    }
    rows.newLine();
    rows.setSpace(0);
}

/// A virtual gamepad: its axes above, then buttons and cross where hands know them.
PlateLayout withPad(const Plate& plate, int width, int top, PlateLayout layout)
{
    for (auto& item : padButtonItems(plate, width, top + kPartSpace)) {
        layout.height = std::max(layout.height, item.rect.bottom());
        layout.items.push_back(std::move(item));
    }
    return layout;
}

}  // namespace

PlateLayout layOutVirtual(const Plate& plate, int width, const CapWidth& capWidth)
{
    PlateLayout layout;
    Flow rows(0, 0, width);
    rows.setSpace(0);
    const auto placeAll = [&](ControlKind kind, Shape shape, int itemWidth, int itemHeight) {
        for (int i = 0; i < static_cast<int>(plate.controls.size()); ++i) {
            if (plate.controls[static_cast<std::size_t>(i)].kind != kind) continue;
            layout.items.push_back({shape, {i}, rows.place(itemWidth, itemHeight)});
        }
        rows.newLine();
    };
    placeAll(ControlKind::Axis, Shape::Row, width, kRow);
    const bool areKeys = std::ranges::any_of(plate.controls, &PlateControl::isKeys);
    if (areKeys) {
        placeCaps(plate, width, capWidth, rows, layout);
    } else if (plate.listsButtons) {
        placeAll(ControlKind::Button, Shape::Named, width, kNamed);
    } else if (hasPadButtons(plate)) {
        return withPad(plate, width, rows.bottom(), std::move(layout));
    } else {
        const bool isNarrow = width < kVirtualInARow * kVirtualDot;
        const int inARow = isNarrow ? kVirtualInARow / 2 : kVirtualInARow;
        placeAll(ControlKind::Button, Shape::Button, width / inARow, kVirtualDot + 3);
    }
    rows.place(width, 4);
    rows.newLine();
    placeAll(ControlKind::Hat, Shape::Hat, std::max(kDial + 20, width / 4), kDial + kLabel);
    placeAll(ControlKind::Turner, Shape::Turner, width / 4, kDial + kLabel);
    layout.height = rows.bottom();
    return layout;
}

}  // namespace jolly
