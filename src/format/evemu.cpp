// SPDX-License-Identifier: GPL-3.0-or-later
#include "format/evemu.h"

#include "core/flight/chunk_maker.h"

#include <algorithm>
#include <array>
#include <cstdio>
#include <map>
#include <set>
#include <sstream>

namespace jolly::format
{

namespace
{

constexpr unsigned kSync = 0;
constexpr unsigned kKey = 1;
constexpr unsigned kRel = 2;
constexpr unsigned kAbs = 3;
constexpr unsigned kTypes = 0x20;
constexpr unsigned kMostCodes = 0x300;
constexpr std::size_t kBytesALine = 8;

/// How many bytes of bits evemu writes for each type that controllers have.
constexpr std::array<std::pair<unsigned, unsigned>, 4> kBits = {
    {{kSync, 1}, {kKey, 96}, {kRel, 2}, {kAbs, 8}}};

struct Axis {
    std::int32_t low = 0;
    std::int32_t high = 0;
    std::int32_t fuzz = 0;
    std::int32_t flat = 0;
};

/// A text as it is read, line by line.
class Reading
{
 public:
    [[nodiscard]] Result<Recording> run(std::string_view text)
    {
        std::istringstream lines{std::string(text)};
        for (std::string line; std::getline(lines, line);) {
            ++m_line;
            if (line.size() < 2 || line[1] != ':') continue;
            if (!takeLine(line[0], line.substr(2)))
                return fail(Failure::Code::Unreadable,
                            say("Line %1 of the recording makes no sense: \"%2\".", m_line, line),
                            words("Take a file that evemu-record wrote."));
        }
        if (!m_isBegun) begin();
        return m_maker.finish();
    }

 private:
    bool takeLine(char kind, const std::string& rest)
    {
        switch (kind) {
            case 'N':
                m_controller.identity.name = rest.substr(std::min<std::size_t>(1, rest.size()));
                return true;
            case 'I':
                return takeIdentity(rest);
            case 'B':
                return takeBits(rest);
            case 'A':
                return takeAxis(rest);
            case 'E':
                return takeEvent(rest);
            default:
                return true;  // properties, lamps: nothing that moves
        }
    }

    bool takeIdentity(const std::string& rest)
    {
        unsigned bus = 0;
        unsigned vendor = 0;
        unsigned product = 0;
        unsigned version = 0;
        if (std::sscanf(rest.c_str(), "%x %x %x %x", &bus, &vendor, &product, &version) != 4)
            return false;
        auto& i = m_controller.identity;
        i.bus = static_cast<std::uint16_t>(bus);
        i.vendor = static_cast<std::uint16_t>(vendor);
        i.product = static_cast<std::uint16_t>(product);
        i.version = static_cast<std::uint16_t>(version);
        return true;
    }

    bool takeBits(const std::string& rest)
    {
        std::istringstream numbers(rest);
        numbers >> std::hex;
        unsigned type = 0;
        if (!(numbers >> type) || type >= kTypes) return false;
        for (unsigned byte = 0; numbers >> byte;) {
            auto& place = m_bytesOf[type];
            for (unsigned bit = 0; bit < 8; ++bit) {
                const auto code = 8 * place + bit;
                if (((byte >> bit) & 1U) != 0 && code < kMostCodes) m_codes[type].insert(code);
            }
            ++place;
        }
        return true;
    }

    bool takeAxis(const std::string& rest)
    {
        unsigned code = 0;
        Axis axis;
        if (std::sscanf(rest.c_str(), "%x %d %d %d %d", &code, &axis.low, &axis.high, &axis.fuzz,
                        &axis.flat) < 3)
            return false;
        m_axes[code] = axis;
        return true;
    }

    /// Its controls as a world would tell them: axes, buttons, hats, turners by their codes.
    void begin()
    {
        m_isBegun = true;
        auto& controls = m_controller.controls;
        const auto add = [&](EventType type, unsigned code, ControlKind kind) {
            const ControlCode control{type, static_cast<std::uint16_t>(code)};
            const auto known = m_axes.find(code);
            const auto axis =
                kind == ControlKind::Axis && known != m_axes.end() ? known->second : Axis{0, 1};
            controls.push_back({control, kind, axis.low, axis.high, axis.fuzz, axis.flat});
        };
        for (const bool areHats : {false, true}) {
            for (const auto code : m_codes[kAbs]) {
                const ControlCode axis{EventType::Abs, static_cast<std::uint16_t>(code)};
                if (isHatCode(axis) != areHats || isHatY(axis)) continue;
                add(EventType::Abs, code, areHats ? ControlKind::Hat : ControlKind::Axis);
            }
            if (areHats) continue;
            for (const auto code : m_codes[kKey]) add(EventType::Key, code, ControlKind::Button);
        }
        for (const auto code : m_codes[kRel]) add(EventType::Rel, code, ControlKind::Turner);
        m_state.assign(controls.size(), {});
        m_maker.addController(m_controller);
        m_maker.arrive(0, m_state, {});
    }

    bool takeEvent(const std::string& rest)
    {
        double seconds = 0.0;
        unsigned type = 0;
        unsigned code = 0;
        int value = 0;
        if (std::sscanf(rest.c_str(), "%lf %x %x %d", &seconds, &type, &code, &value) != 4)
            return false;
        constexpr double kFurthest = 9.0e9;
        if (!(seconds >= 0.0 && seconds <= kFurthest)) return false;
        if (!m_isBegun) begin();
        const auto time = std::chrono::round<Time>(std::chrono::duration<double>(seconds));
        if (m_last && time < *m_last) return false;
        m_last = time;
        if (type == kSync) {
            m_isFirst = true;
            return true;
        }
        if ((type != kKey && type != kRel && type != kAbs) || (type == kKey && value == 2))
            return true;
        move({static_cast<EventType>(type), static_cast<std::uint16_t>(code)}, value, time);
        return true;
    }

    void move(ControlCode code, std::int32_t value, Time time)
    {
        const bool isUpDown = isHatCode(code) && isHatY(code);
        const auto control = isHatCode(code) ? hatOf(code) : code;
        const auto& controls = m_controller.controls;
        const auto found = std::ranges::find(controls, control, &ControlDescription::code);
        if (found == controls.end()) return;
        const auto place = static_cast<std::uint32_t>(found - controls.begin());
        auto& state = m_state[place];
        auto& raw = isUpDown ? state.y : state.x;
        raw = control.type == EventType::Rel ? raw + value : value;
        m_maker.add({Happening::Kind::Move, isUpDown, m_isFirst, m_maker.trackOf({0, place, {}}),
                     raw, time});
        m_isFirst = false;
    }

    ControllerDescription m_controller;
    std::map<unsigned, std::set<unsigned>> m_codes;  ///< by type
    std::map<unsigned, unsigned> m_bytesOf;          ///< that were read, by type
    std::map<unsigned, Axis> m_axes;
    std::vector<Counts> m_state;
    RecordingMaker m_maker;
    std::optional<Time> m_last;
    bool m_isFirst = true;
    bool m_isBegun = false;
    int m_line = 0;
};

template <class... Numbers>
std::string printed(const char* format, Numbers... numbers)
{
    std::array<char, 128> line{};
    const auto size = std::snprintf(line.data(), line.size(), format, numbers...);
    return {line.data(), static_cast<std::size_t>(size)};
}

/// The head of a recording: what the device is.
std::string headOf(const ControllerDescription& controller)
{
    const auto& i = controller.identity;
    std::string text = "# EVEMU 1.3\nN: " + i.name + "\n";
    text += printed("I: %04x %04x %04x %04x\n", i.bus, i.vendor, i.product, i.version);
    text += "P: 00 00 00 00 00 00 00 00\n";
    std::array<std::array<bool, kMostCodes>, 4> bits{};
    bits[kSync][0] = true;
    for (const auto& control : controller.controls) {
        const auto type = static_cast<unsigned>(control.code.type);
        bits[kSync][type] = true;
        bits[type][control.code.code] = true;
        if (control.kind == ControlKind::Hat) bits[type][control.code.code + 1U] = true;
    }
    for (const auto& [type, bytes] : kBits) {
        for (unsigned first = 0; first < bytes; first += kBytesALine) {
            text += printed("B: %02x", type);
            for (unsigned byte = first; byte < first + kBytesALine; ++byte) {
                unsigned value = 0;
                for (unsigned bit = 0; bit < 8 && byte < bytes; ++bit)
                    value |= bits[type][8 * byte + bit] ? 1U << bit : 0U;
                text += printed(" %02x", value);
            }
            text += "\n";
        }
    }
    for (const auto& control : controller.controls) {
        const auto code = control.code.code;
        if (control.kind == ControlKind::Axis)
            text += printed("A: %02x %d %d %d %d 0\n", code, control.low, control.high,
                            control.fuzz, control.flat);
        for (unsigned half = 0; control.kind == ControlKind::Hat && half < 2; ++half)
            text += printed("A: %02x -1 1 0 0 0\n", code + half);
    }
    return text;
}

std::string eventLine(Time time, unsigned type, unsigned code, std::int32_t value)
{
    const auto micros = time.count() / 1000;
    return printed("E: %lld.%06lld %04x %04x %04d\n", static_cast<long long>(micros / 1'000'000),
                   static_cast<long long>(micros % 1'000'000), type, code, value);
}

}  // namespace

bool isEvemu(std::string_view text)
{
    return text.starts_with("# EVEMU") || text.starts_with("N: ");
}

Result<Recording> readEvemu(std::string_view text)
{
    return Reading().run(text);
}

Result<std::string> writeEvemu(const Recording& recording, std::uint32_t controller)
{
    const auto& description = recording.controllers.at(controller);
    auto text = headOf(description);
    std::map<std::uint32_t, std::int32_t> turned;  // sums of turners, by track
    std::optional<Time> start;
    Time last{};
    const auto begin = [&](const Standing& standing) {
        for (std::uint32_t t = 0; t < recording.tracks.size(); ++t)
            turned[t] = standing.counts(t).x;
    };
    const auto take = [&](const Happening& happening) {
        if (happening.kind != Happening::Kind::Move) return true;
        const auto& track = recording.tracks[happening.what];
        if (track.controller != controller) return true;
        if (happening.isFirst && start) text += eventLine(last - *start, 0, 0, 0);
        if (!start) start = happening.time;
        last = std::max(last, happening.time);
        const auto& control = description.controls[track.control];
        const auto code = control.code.code + (happening.isHatY ? 1U : 0U);
        auto value = happening.raw;
        if (control.kind == ControlKind::Turner)
            value -= std::exchange(turned[happening.what], happening.raw);
        text += eventLine(last - *start, static_cast<unsigned>(control.code.type), code, value);
        return true;
    };
    if (const auto done = recording.forEach(0, begin, take); !done)
        return tl::unexpected(done.error());
    if (start) text += eventLine(last - *start, 0, 0, 0);
    return text;
}

}  // namespace jolly::format
