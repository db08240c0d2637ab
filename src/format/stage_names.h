// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "format/names.h"

/// The words in the file of what stages and ends can be set to.
namespace jolly::format
{

template <>
struct Names<Side> {
    static constexpr std::pair<std::string_view, Side> rows[] = {{"upper", Side::Upper},
                                                                 {"lower", Side::Lower}};
};

template <>
struct Names<Blending> {
    static constexpr std::pair<std::string_view, Blending> rows[] = {
        {"half difference", Blending::HalfDifference},
        {"average", Blending::Average},
        {"larger", Blending::Larger},
        {"smaller", Blending::Smaller},
        {"sum", Blending::Sum},
        {"weighted", Blending::Weighted}};
};

template <>
struct Names<ZoneShape> {
    static constexpr std::pair<std::string_view, ZoneShape> rows[] = {
        {"round", ZoneShape::Round}, {"square", ZoneShape::Square}};
};

template <>
struct Names<Diagonals> {
    static constexpr std::pair<std::string_view, Diagonals> rows[] = {
        {"both", Diagonals::Both}, {"own", Diagonals::Own}, {"ignored", Diagonals::Ignored}};
};

template <>
struct Names<Ways> {
    static constexpr std::pair<std::string_view, Ways> rows[] = {{"four", Ways::Four},
                                                                 {"eight", Ways::Eight}};
};

template <>
struct Names<Winner> {
    static constexpr std::pair<std::string_view, Winner> rows[] = {
        {"first", Winner::First},
        {"later", Winner::Later},
        {"up or down", Winner::UpDown},
        {"left or right", Winner::LeftRight}};
};

template <>
struct Names<Overlap> {
    static constexpr std::pair<std::string_view, Overlap> rows[] = {{"pile up", Overlap::PileUp},
                                                                    {"exclude", Overlap::Exclude}};
};

template <>
struct Names<Entry> {
    static constexpr std::pair<std::string_view, Entry> rows[] = {
        {"either", Entry::Either}, {"below", Entry::Below}, {"above", Entry::Above}};
};

template <>
struct Names<Engage> {
    static constexpr std::pair<std::string_view, Engage> rows[] = {{"hold", Engage::Hold},
                                                                   {"flip", Engage::Flip},
                                                                   {"next", Engage::Next},
                                                                   {"previous", Engage::Previous}};
};

template <>
struct Names<Choose> {
    static constexpr std::pair<std::string_view, Choose> rows[] = {
        {"this", Choose::This}, {"next", Choose::Next}, {"previous", Choose::Previous}};
};

template <>
struct Names<Crossing> {
    static constexpr std::pair<std::string_view, Crossing> rows[] = {{"jump", Crossing::Jump},
                                                                     {"pick up", Crossing::PickUp}};
};

template <>
struct Names<Part> {
    static constexpr std::pair<std::string_view, Part> rows[] = {
        {"whole", Part::Whole}, {"upper", Part::Upper}, {"lower", Part::Lower}};
};

template <>
struct Names<Holding> {
    static constexpr std::pair<std::string_view, Holding> rows[] = {{"freeze", Holding::Freeze},
                                                                    {"centre", Holding::Centre}};
};

template <>
struct Names<How> {
    static constexpr std::pair<std::string_view, How> rows[] = {
        {"held", How::Held},
        {"pulse", How::Pulse},
        {"pulse at release", How::PulseAtRelease},
        {"pulse at both", How::PulseAtBoth}};
};

}  // namespace jolly::format
