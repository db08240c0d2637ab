// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/flight/chunk_maker.h"
#include "core/flight/compare.h"
#include "core/flight/happening_words.h"
#include "core/flight/sweep.h"
#include "core/flight/tape.h"
#include "core/flight/why.h"
#include "support/small_tangle.h"

#include <gmock/gmock.h>

#include <random>

namespace jolly::test
{
namespace
{

using testing::ElementsAre;
using testing::HasSubstr;
using Kind = Happening::Kind;

TEST(Tape, ReadsBackWhateverWasWritten)
{
    std::mt19937 random(7);
    std::vector<Happening> written;
    TapeWriter writer;
    std::int64_t time = 0;
    for (int i = 0; i < 20000; ++i) {
        time += static_cast<std::int64_t>(random() % 5) * 333'333 - 100'000;
        const auto kind = static_cast<Kind>(random() % Happening::kKinds);
        written.push_back({kind, random() % 2 == 0, random() % 2 == 0,
                           static_cast<std::uint32_t>(random() % 3000),
                           static_cast<std::int32_t>(random()), Time(time)});
        writer.write(written.back());
    }
    TapeReader reader(writer.bytes());
    for (const auto& each : written) ASSERT_EQ(reader.next(), each);
    EXPECT_FALSE(reader.next());
    EXPECT_FALSE(reader.isDamaged());
}

TEST(Tape, ASmoothAxisTakesFewBytes)
{
    TapeWriter writer;
    constexpr int kCount = 10000;
    for (int i = 0; i < kCount; ++i) writer.write({Kind::Move, false, true, 13, i % 500, i * kMs});
    EXPECT_LT(writer.bytes().size(), 7U * kCount);
}

TEST(Tape, BytesThatMakeNoSenseAreFoundOut)
{
    std::mt19937 random(3);
    for (int round = 0; round < 2000; ++round) {
        std::string bytes(random() % 60, '\0');
        for (auto& byte : bytes) byte = static_cast<char>(random());
        TapeReader reader(bytes);
        while (reader.next()) {
        }
    }
    TapeReader cut(std::string_view("\x00\x85", 2));  // a number that goes on and does not
    EXPECT_FALSE(cut.next());
    EXPECT_TRUE(cut.isDamaged());
}

TEST(TextEdits, MakeOneTextOfAnotherAndCutNoCharacter)
{
    const std::vector<std::string> texts = {"",       "abc",   "abXc",     "höher",
                                            "höhner", "hüher", "h\xC3\xB6"};
    for (const auto& before : texts) {
        for (const auto& after : texts) {
            const auto edit = editBetween(before, after);
            auto text = before;
            applyEdit(text, edit);
            EXPECT_EQ(text, after);
            const auto first = edit.put.empty() ? '.' : edit.put.front();
            EXPECT_NE(static_cast<unsigned char>(first) & 0xc0U, 0x80U) << after;
        }
    }
    EXPECT_EQ(editBetween("one two three", "one 2 three").put, "2");
}

/// A recording made by hand, of the small stick.
class Story
{
 public:
    explicit Story(const Tangle& tangle)
    {
        const auto description = describe(tangle.rig[0]);
        m_controls = description.controls;
        m_maker.addController(description);
        m_maker.addTangle("the tangle");
        for (const auto& slot : layoutOf(tangle.devices[0]))
            m_maker.trackOf({.place = {tangle.devices[0].id, slot.control}});
        m_maker.arrive(0, std::vector<Counts>(m_controls.size()), at);
    }

    void move(ControlCode code, std::int32_t raw, int ms = 10)
    {
        at += ms * kMs;
        m_maker.add({Kind::Move, false, true, trackOf(code), raw, at});
    }
    void change(VirtualControl control, std::int32_t raw)
    {
        m_maker.add(
            {Kind::Change, false, false, m_maker.trackOf({.place = {"jolly", control}}), raw, at});
    }
    void add(Kind kind, std::uint32_t what = 0, std::int32_t raw = 0)
    {
        m_maker.add({kind, false, false, what, raw, at});
    }
    [[nodiscard]] Recording finish() { return m_maker.finish(); }
    [[nodiscard]] std::uint32_t numberOf(const Track& track) { return m_maker.trackOf(track); }

    Time at = std::chrono::seconds(5);

 private:
    [[nodiscard]] std::uint32_t trackOf(ControlCode code)
    {
        const auto found = std::ranges::find(m_controls, code, &ControlDescription::code);
        return m_maker.trackOf({0, static_cast<std::uint32_t>(found - m_controls.begin()), {}});
    }

    std::vector<ControlDescription> m_controls;
    RecordingMaker m_maker;
};

TEST(Recordings, AnyMomentOfThemCanBeLookedAt)
{
    const auto tangle = smallTangle();
    Story story(tangle);
    for (int i = 0; i < 3000; ++i) story.move(kX, i);
    const auto recording = story.finish();
    ASSERT_GT(recording.chunks.size(), 3U) << "several chunks of five seconds";
    for (const int i : {0, 17, 499, 500, 501, 1234, 2999}) {
        const auto standing = recording.standingAt(std::chrono::seconds(5) + (i + 1) * 10 * kMs);
        ASSERT_TRUE(standing);
        const auto track = std::ranges::find_if(recording.tracks, [&](const Track& t) {
            return !t.isVirtual() && recording.controllers[0].controls[t.control].code == kX;
        });
        EXPECT_EQ(standing->counts(static_cast<std::uint32_t>(track - recording.tracks.begin())).x,
                  i);
    }
}

TEST(Recordings, APartThatIsDamagedIsSaidAndWhatIsBeforeItIsGiven)
{
    const auto tangle = smallTangle();
    Story story(tangle);
    for (int i = 0; i < 2000; ++i) story.move(kX, i);
    auto recording = story.finish();
    recording.chunks[1].bytes = std::make_shared<const std::string>("\xff\xff");
    std::size_t seen = 0;
    const auto done = recording.forEach(
        0, [](const Standing&) {},
        [&](const Happening&) {
            ++seen;
            return true;
        });
    ASSERT_FALSE(done);
    EXPECT_THAT(done.error().text(), HasSubstr("damaged"));
    EXPECT_EQ(seen, recording.chunks[0].count);
}

TEST(Recordings, AMoveOfAVirtualControlOrAChangeOfARealOneIsDamage)
{
    const auto tangle = smallTangle();
    for (const auto kind : {Kind::Move, Kind::Stand, Kind::Change, Kind::Hand, Kind::HandOff}) {
        Story story(tangle);
        story.move(kX, 1);
        const bool isOfController = kind == Kind::Move || kind == Kind::Stand;
        const auto wrong = isOfController ? story.numberOf({.place = {"jolly", axis(1)}})
                                          : story.numberOf({0, 0, {}});
        story.add(kind, wrong);
        EXPECT_FALSE(story.finish().read(0)) << static_cast<int>(kind);
    }
}

TEST(Recordings, ATrackThatDoesNotExistIsDamage)
{
    const auto tangle = smallTangle();
    Story story(tangle);
    story.move(kX, 1);
    story.add(Kind::HandOff, 4000);
    EXPECT_FALSE(story.finish().read(0));
}

TEST(FirstDifference, IsThatOfTheCountsAndNotOfTheText)
{
    auto tangle = smallTangle();
    addStrand(tangle, kX, axis(1));
    addStrand(tangle, kTrigger, button(1));
    Story story(tangle);
    story.move(kX, 200);
    story.move(kTrigger, 1);
    story.move(kTrigger, 0);
    story.move(kX, 900);
    const auto recording = story.finish();
    auto renamed = tangle;
    renamed.strands[0].name = "Other";
    EXPECT_FALSE(*firstDifference(recording, tangle, renamed));
    auto moved = tangle;
    moved.strands[1].ends = {{{}, Target{"jolly", button(2)}}};
    const auto difference = **firstDifference(recording, tangle, moved);
    EXPECT_EQ(difference.place, (Target{"jolly", button(1)}));
    EXPECT_EQ(difference.time, std::chrono::seconds(5) + 20 * kMs);
    EXPECT_EQ(difference.first, (Counts{1, 0}));
    EXPECT_EQ(difference.second, (Counts{0, 0}));
    auto late = tangle;
    late.strands[0].stages = {{Scale{.gain = 0.5}}};
    EXPECT_EQ((**firstDifference(recording, tangle, late)).time,
              std::chrono::seconds(5) + 10 * kMs);
}

TEST(WhyOf, NamesTheTouchTheStrandItsStagesAndTheMoment)
{
    auto tangle = smallTangle();
    tangle.rig[0].alias = "Skerry Stick";
    addStrand(tangle, kX, axis(1), {{Invert{}}, {Curve{}}}).name = "Roll";
    addStrand(tangle, kTrigger, button(3)).name = "Hatch";
    Story story(tangle);
    story.move(kTrigger, 1);
    story.change(button(3), 1);
    const auto pressed = story.at;
    story.move(kX, 500, 700);
    story.change(axis(1), -16384);
    const auto moved = story.at;
    const auto recording = story.finish();
    const auto tangles = [&](std::uint32_t) { return tangle; };
    const auto button3 = *whyOf(recording, tangles, {"jolly", button(3)}, recording.last());
    EXPECT_EQ(button3.changedAt, pressed);
    EXPECT_EQ(button3.counts, (Counts{1, 0}));
    EXPECT_EQ(button3.cause.kind, Kind::Move);
    ASSERT_EQ(button3.strands.size(), 1U);
    EXPECT_TRUE(button3.strands[0].leads);
    EXPECT_EQ(button3.strands[0].movedAt, pressed);
    const auto axis1 = *whyOf(recording, tangles, {"jolly", axis(1)}, recording.last());
    ASSERT_EQ(axis1.strands.size(), 1U);
    EXPECT_DOUBLE_EQ(axis1.strands[0].in.x, 0.5);
    ASSERT_EQ(axis1.strands[0].stages.size(), 2U);
    EXPECT_DOUBLE_EQ(axis1.strands[0].stages[0].x, -0.5);
    EXPECT_EQ(axis1.changedAt, moved);
    const auto lines =
        sentencesOf(axis1, recording, [](Time t) { return std::to_string(t / kMs); });
    EXPECT_THAT(lines[0], HasSubstr("stands at -50.0 % since 5710."));
    EXPECT_THAT(lines[1], HasSubstr("axis X of Skerry Stick moved to 50.0 %"));
    EXPECT_THAT(lines[2], HasSubstr("strand \"Roll\""));
    EXPECT_THAT(lines[2], HasSubstr("invert makes it -50.0 %"));
}

TEST(WhyOf, BeforeItMovedNothingIsKnownOfIt)
{
    auto tangle = smallTangle();
    addStrand(tangle, kTrigger, button(3));
    Story story(tangle);
    story.move(kX, 1);
    const auto start = story.at;
    story.move(kTrigger, 1, 500);
    story.change(button(3), 1);
    const auto recording = story.finish();
    const auto why = *whyOf(
        recording, [&](std::uint32_t) { return tangle; }, {"jolly", button(3)}, start);
    EXPECT_FALSE(why.changedAt);
    EXPECT_EQ(why.counts, Counts{});
    EXPECT_FALSE(whyOf(
        recording, [&](std::uint32_t) { return tangle; }, {"other", button(3)}, start));
}

TEST(Sweeps, ALeverGoesUpAndBackAndAHatOneWay)
{
    const auto layout = layoutOf(smallTangle().devices[0]);
    const auto slotOf = [&](VirtualControl control) {
        return *std::ranges::find(layout, control, &VirtualSlot::control);
    };
    const auto lever = sweepOf(std::vector{slotOf(axis(3))}, SweepWay::Up);
    EXPECT_EQ(lever.front().counts.x, -32768);
    EXPECT_EQ(lever.back().counts.x, -32768);
    const auto highest = std::ranges::max(lever, {}, [](const auto& s) { return s.counts.x; });
    EXPECT_EQ(highest.counts.x, 32767);
    for (std::size_t i = 1; i < lever.size(); ++i) EXPECT_GE(lever[i].at, lever[i - 1].at);
    const auto hats = sweepOf(std::vector{slotOf(hat(1))}, SweepWay::Left);
    ASSERT_EQ(hats.size(), 3U);
    EXPECT_EQ(hats[1].counts, (Counts{-1, 0}));
    EXPECT_EQ(hats[2].counts, Counts{});
    EXPECT_GE(hats[2].at - hats[1].at, 100 * kMs) << "a sim that asks now and then sees it";
}

}  // namespace
}  // namespace jolly::test
