// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <cstdint>
#include <initializer_list>

namespace jolly
{

/// What a control carries at one moment, in the units of model.md.
///
/// An axis uses `x`: [-1, +1] when it is two-sided, [0, 1] when one-sided, 0 at rest. A button uses
/// `x`: 1 pressed, 0 released. A hat uses both: {-1, 0, 1}, -1 is left and up. A turner uses `x`
/// for signed counts.
struct Value {
    double x = 0.0;
    double y = 0.0;

    friend bool operator==(const Value&, const Value&) = default;
    [[nodiscard]] constexpr bool isPressed() const noexcept { return x >= 0.5; }
};

/// The same moment in the kernel's own counts. Only a hat uses `y`.
struct Counts {
    std::int32_t x = 0;
    std::int32_t y = 0;

    friend bool operator==(const Counts&, const Counts&) = default;
};

/// Counts of a turner that go on by some more, as the kernel's do: round and round.
/// RT-safe. Pure: any thread.
[[nodiscard]] constexpr std::int32_t wrapped(std::int32_t counts, std::int64_t more) noexcept
{
    return static_cast<std::int32_t>(static_cast<std::uint32_t>(counts) +
                                     static_cast<std::uint32_t>(more));
}

/// By how many counts a turner went from one sum to the next, also past the end of the numbers.
/// RT-safe. Pure: any thread.
[[nodiscard]] constexpr std::int32_t turnedBy(std::int32_t from, std::int32_t to) noexcept
{
    return wrapped(to, -static_cast<std::int64_t>(from));
}

enum class ControlKind : std::uint8_t { Axis, Button, Hat, Turner };

/// Some kinds of controls.
class Kinds
{
 public:
    constexpr Kinds(ControlKind kind) noexcept : Kinds({kind}) {}
    constexpr Kinds(std::initializer_list<ControlKind> kinds) noexcept
    {
        for (const auto kind : kinds) m_bits |= bitOf(kind);
    }

    [[nodiscard]] constexpr bool has(ControlKind kind) const noexcept
    {
        return (m_bits & bitOf(kind)) != 0;
    }

 private:
    [[nodiscard]] static constexpr unsigned bitOf(ControlKind kind) noexcept
    {
        return 1U << static_cast<unsigned>(kind);
    }

    unsigned m_bits = 0;
};

/// Whether an axis rests in the middle of its travel or at its low end.
enum class Sides : std::uint8_t { Two, One };

/// The value of a control that is no axis: of a hat the directions of its counts, of a button
/// whether there are any, of a turner the counts. RT-safe. Pure: any thread.
[[nodiscard]] constexpr Value valueOfCounts(ControlKind kind, Counts counts) noexcept
{
    const auto direction = [](std::int32_t count) {
        return count > 0 ? 1.0 : count < 0 ? -1.0 : 0.0;
    };
    if (kind == ControlKind::Hat) return {direction(counts.x), direction(counts.y)};
    if (kind == ControlKind::Button) return {counts.x != 0 ? 1.0 : 0.0, 0.0};
    return {static_cast<double>(counts.x), 0.0};
}

/// How a button behaves in the pilot's hand; decides what happens at go-live.
enum class ButtonKind : std::uint8_t {
    Push,          ///< springs back
    Switch,        ///< stays
    Selector,      ///< one position of a group
    EncoderPulse,  ///< one detent of an endless dial
};

/// Whether a press of this kind is a deed of the moment and not a state that stays.
[[nodiscard]] constexpr bool springsBack(ButtonKind kind) noexcept
{
    return kind == ButtonKind::Push || kind == ButtonKind::EncoderPulse;
}

/// A two-sided value as a one-sided one and back: the full travel of the one is that of the other.
/// RT-safe. Pure: any thread.
[[nodiscard]] constexpr double convertSides(double value, Sides from, Sides to) noexcept
{
    if (from == to) return value;
    return from == Sides::Two ? (value + 1.0) / 2.0 : value * 2.0 - 1.0;
}

}  // namespace jolly
