// SPDX-License-Identifier: GPL-3.0-or-later
#include "support/golden.h"
#include "support/program.h"

#include <gmock/gmock.h>

#include <QTemporaryDir>
#include <QTest>
#include <set>
#include <sstream>

namespace jolly
{
namespace
{

constexpr int kPatience = 60'000;
const std::string kBuild = JOLLY_BUILD_DIR;

std::set<std::string> linesOf(const std::string& text)
{
    std::set<std::string> lines;
    std::istringstream in(text);
    for (std::string line; std::getline(in, line);) lines.insert(line);
    return lines;
}

/// The program itself, as a screen reader gets it through AT-SPI.
class Accessible : public testing::Test
{
 protected:
    Accessible()
    {
        qputenv("XDG_CONFIG_HOME", m_home.path().toUtf8());
        qputenv("QT_LINUX_ACCESSIBILITY_ALWAYS_ON", "1");
    }
    ~Accessible() override { qunsetenv("QT_LINUX_ACCESSIBILITY_ALWAYS_ON"); }

    /// What is read of a page once the engine is there.
    std::set<std::string> read(const std::string& page)
    {
        const auto demo = test::shippedData() / "demo";
        test::Program window({kBuild + "/bin/jolly-tangle", (demo / "marrowmere.tangle").string(),
                              "--world", (demo / "marrowmere-world.json").string(), "--page", page,
                              "--no-follow", "--language", "en"});
        std::set<std::string> lines;
        EXPECT_TRUE(QTest::qWaitFor(
            [&] {
                test::Program reader({kBuild + "/tests/screen_reader", "jolly-tangle"});
                reader.end();
                lines = linesOf(reader.text());
                return lines.contains("push button: Idle. Press to go live.") &&
                       lines.contains("push button: preflight clear");  // all controllers are there
            },
            kPatience));
        return lines;
    }

    QTemporaryDir m_home;
};

TEST_F(Accessible, AScreenReaderGetsNamesAndRolesOfWhatThereIs)
{
    const auto lines = read("weave");
    for (const auto* line : {"push button: Menu", "radio button: Weave", "check box: follow touch",
                             "push button: Craft: Everywhere", "push button: preflight clear"})
        EXPECT_TRUE(lines.contains(line)) << line;
    // Every control of the rig and of the virtual devices is there under its own name.
    const auto hasName = [&](const std::string& name) {
        return std::ranges::any_of(lines, [&](const std::string& line) {
            return line.find(": " + name) != std::string::npos;
        });
    };
    for (const auto* name : {"Left lever", "Rudder bar", "power lever (axis 7)", "Skerry Stick"})
        EXPECT_TRUE(hasName(name)) << name;
    for (const auto& line : lines) EXPECT_EQ(line.find("ABS_"), std::string::npos) << line;
}

TEST_F(Accessible, NothingThatCanBePressedOrFilledIsWithoutAName)
{
    for (const auto* page : {"rig", "weave", "shape", "layers", "bench"}) {
        for (const auto& line : read(page)) {
            const bool isForTheHand = std::ranges::any_of(
                std::initializer_list<const char*>{
                    "push button:", "check box:", "radio button:", "slider:", "combo box:", "text:",
                    "spin button:", "list:"},
                [&](const char* role) { return line.starts_with(role); });
            EXPECT_FALSE(isForTheHand && line.find("<unnamed in") != std::string::npos)
                << page << ": " << line;
        }
    }
}

}  // namespace
}  // namespace jolly
