// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/shaping/stage_info.h"

#include <algorithm>
#include <string>
#include <vector>

namespace jolly
{

/// From where a slice has to be entered to be pressed.
enum class Entry : std::uint8_t {
    Either,
    Below,
    Above,
};

/// A part of an axis' travel that is pressed while the axis is in it. It begins between `from` and
/// `to`, and ends only beyond edges of its own, so that it never flickers.
struct SlicePart {
    std::string name{};
    double from = 0.5;
    double to = 1.0;           ///< >= `from`
    double letGoBelow = 0.48;  ///< <= `from`
    double letGoAbove = 1.0;   ///< >= `to`
    Entry entry = Entry::Either;

    friend bool operator==(const SlicePart&, const SlicePart&) = default;
};

using SliceParts = std::vector<SlicePart>;

/// A parameter that is a list of slices.
struct SlicesField {
    std::string_view key;
    Words label;
    unsigned most = 32;
};

/// What happens where slices overlap.
enum class Overlap : std::uint8_t {
    PileUp,   ///< each is pressed for itself, as in a trigger of two stages
    Exclude,  ///< the last one in the list that holds is pressed alone
};

/// Stage "slice": parts of an axis' travel become buttons, an outlet each.
struct Slice {
    static constexpr StageInfo kInfo{
        .name = words("slice"),
        .sentence =
            words("Parts of the travel become buttons, each pressed while the axis is in it."),
        .isFeel = false,
        .want = Want::Buttons,
        .also = words("threshold, zone, trigger, lever")};

    SliceParts slices{{.name = "slice 1"}};
    Overlap overlap = Overlap::PileUp;

    friend bool operator==(const Slice&, const Slice&) = default;

    template <class Self, class Visitor>
    static void fields(Self& self, Visitor&& visit)
    {
        visit(SlicesField{"slices", words("the slices")}, self.slices);
        visit(ChoiceField{"overlap",
                          words("where they overlap"),
                          {words("they pile up"), words("the last one counts")}},
              self.overlap);
    }

    /// Lets go of each slice so far below where it begins.
    void holdBeyond(double amount)
    {
        for (auto& slice : slices) slice.letGoBelow = std::max(slice.from - amount, -1.0);
    }

    [[nodiscard]] Sentence complaint() const;
    [[nodiscard]] Sentence summary() const;
    [[nodiscard]] static constexpr Signal gives(Signal) noexcept { return {ControlKind::Button}; }
    [[nodiscard]] std::vector<std::string> outlets() const;

    /// "94.0 % to 100.0 %".
    [[nodiscard]] Sentence rangeOf(const std::string& outlet) const;

    class Runner
    {
     public:
        explicit Runner(const Slice& slice)
            : m_slices(slice.slices),
              m_excludes(slice.overlap == Overlap::Exclude),
              m_areHeld(slice.slices.size())
        {
        }

        /// RT-safe.
        void apply(Value in, const Moment&, std::span<Value> outlets) noexcept;
        void reset() noexcept
        {
            m_areHeld.assign(m_areHeld.size(), false);
            m_before.reset();
        }
        /// From where the axis came while it slept does not count. RT-safe.
        void wake(Value in, const Moment&) noexcept { m_before = in.x; }
        void continueFrom(const Runner& before) noexcept;

     private:
        [[nodiscard]] bool isEntered(const SlicePart& slice, double at) const noexcept;

        SliceParts m_slices;
        bool m_excludes;
        std::optional<double> m_before{};  ///< where the axis was
        std::vector<bool> m_areHeld;       ///< whether the axis is in it, by its own edges
    };

    [[nodiscard]] Runner prepare(const StageInput&) const { return Runner(*this); }
};

}  // namespace jolly
