// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/services/engine_process.h"
#include "app/window/main_window.h"
#include "control/engine_client.h"
#include "support/golden.h"
#include "support/program.h"

#include <gmock/gmock.h>

#include <QImage>
#include <QLabel>
#include <QPushButton>
#include <QSignalSpy>
#include <QTemporaryDir>
#include <QTest>
#include <csignal>

namespace jolly
{
namespace
{

using namespace app;

const auto kDemo = test::shippedData() / "demo" / "marrowmere.tangle";
const auto kWorld = test::shippedData() / "demo" / "marrowmere-world.json";
const std::string kPrograms = std::string(JOLLY_BUILD_DIR) + "/bin/";

/// The engine of the build tree.
EngineAccess engineOfThisBuild()
{
    return realEngine({.world = QString::fromStdString(kWorld.string()),
                       .program = QString::fromStdString(kPrograms + "tangle")});
}

/// Generous: the machine may be busy with other things.
constexpr int kWindowPatience = 60'000;

/// The window as main() makes it.
struct RealWindow {
    RealWindow()
        : session(engineOfThisBuild()),
          studio(document, session),
          settings(folder.filePath("window.conf")),
          window(studio, dialogs, settings)
    {
        EXPECT_TRUE(document.open(QString::fromStdString(kDemo.string())));
        window.showPage(Rail::Weave);
        window.show();
        session.begin();
        EXPECT_TRUE(QTest::qWaitFor(
            [this] { return session.isAttached() && session.status().controllers.size() == 6; },
            kWindowPatience));
    }
    /// The engine takes leave of games before it goes: the next window is to start one of its own.
    ~RealWindow()
    {
        session.end();
        EXPECT_TRUE(QTest::qWaitFor([] { return !EngineClient::connect(); }, kWindowPatience));
    }

    Document document;
    EngineSession session;
    RealDialogs dialogs;
    Studio studio;
    QTemporaryDir folder;
    Settings settings;
    MainWindow window;
};

/// How many different colours a picture has, up to a hundred.
qsizetype coloursOf(const QImage& image)
{
    QSet<QRgb> colours;
    for (int y = 0; y < image.height(); y += 3) {
        for (int x = 0; x < image.width() && colours.size() < 100; x += 3)
            colours.insert(image.pixel(x, y));
    }
    return colours.size();
}

TEST(RealWindow, ShowsTheMovingDemoAndGoesLiveByAClick)
{
    RealWindow real;
    ASSERT_TRUE(QTest::qWaitForWindowExposed(&real.window));
    const auto before = real.session.values().events;
    EXPECT_TRUE(QTest::qWaitFor([&] { return real.session.values().events > before + 100; },
                                kWindowPatience));
    QTest::mouseClick(real.window.findChild<QWidget*>("live switch"), Qt::LeftButton);
    EXPECT_TRUE(QTest::qWaitFor([&] { return real.session.isLive(); }, kWindowPatience));
    EXPECT_TRUE(real.session.status().devices[0].isThere);
    EXPECT_GE(coloursOf(real.window.grab().toImage()), 30);
}

TEST(RealWindow, SurvivesTheDeathOfItsEngineAndIsLiveAgain)
{
    RealWindow real;
    real.session.goLive();
    ASSERT_TRUE(QTest::qWaitFor([&] { return real.session.isLive(); }, kWindowPatience));
    ASSERT_EQ(
        std::system(("pkill -9 -f '[t]angle run --idle --world " + kWorld.string() + "'").c_str()),
        0);
    EXPECT_TRUE(QTest::qWaitFor([&] { return !real.session.isAttached(); }, kWindowPatience));
    EXPECT_TRUE(QTest::qWaitFor([&] { return real.session.isAttached() && real.session.isLive(); },
                                kWindowPatience));
    const auto before = real.session.values().events;
    EXPECT_TRUE(QTest::qWaitFor([&] { return real.session.values().events > before + 50; },
                                kWindowPatience));
    EXPECT_TRUE(QTest::qWaitFor([&] { return real.session.status().tangle == "Marrowmere Mail"; },
                                kWindowPatience));
}

/// The process number of the engine that runs.
pid_t enginePid()
{
    test::Program find({"pgrep", "-n", "-f", "[t]angle run --idle --world " + kWorld.string()});
    find.end();
    return static_cast<pid_t>(std::stoi(find.text()));
}

TEST(RealWindow, AnEngineThatIsStoppedFreezesNothingAndAnotherOneTakesItsPlace)
{
    RealWindow real;
    real.session.goLive();
    ASSERT_TRUE(QTest::qWaitFor([&] { return real.session.isLive(); }, kWindowPatience));
    const auto pid = enginePid();
    ASSERT_EQ(::kill(pid, SIGSTOP), 0);
    for (int i = 0; i < 5; ++i)
        real.document.edit("rename", [i](Tangle& t) { t.name = "Edit " + std::to_string(i); });
    const auto button = [&] { return real.window.findChild<QPushButton*>("Start another"); };
    ASSERT_TRUE(QTest::qWaitFor([&] { return button() != nullptr; }, kWindowPatience));
    QTest::mouseClick(button(), Qt::LeftButton);
    EXPECT_TRUE(QTest::qWaitFor(
        [&] {
            return real.session.isAttached() && real.session.isLive() &&
                   real.session.status().tangle == "Edit 4";
        },
        kWindowPatience));
    EXPECT_NE(enginePid(), pid);
    EXPECT_EQ(button(), nullptr);
}

TEST(RealWindow, OneThatIsOrderedToEndIsNotStartedAgainUnlessAsked)
{
    RealWindow real;
    const QSignalSpy lost(&real.session, &EngineSession::lost);
    test::Program down({kPrograms + "tangle", "down", "--quit"});
    EXPECT_EQ(down.end(), 0) << down.text();
    const auto button = [&] { return real.window.findChild<QPushButton*>("Start it again"); };
    ASSERT_TRUE(QTest::qWaitFor([&] { return button() != nullptr; }, kWindowPatience));
    EXPECT_FALSE(real.session.isAttached());
    EXPECT_EQ(lost.count(), 0);
    QTest::mouseClick(button(), Qt::LeftButton);
    EXPECT_TRUE(QTest::qWaitFor([&] { return real.session.isAttached(); }, kWindowPatience));
}

TEST(RealWindow, AnEngineThatCannotStartSaysWhyAndMayBeTriedAgain)
{
    Document document;
    EngineSession session(realEngine(
        {.world = "/nowhere/at.all", .program = QString::fromStdString(kPrograms + "tangle")}));
    Studio studio(document, session);
    RealDialogs dialogs;
    const QTemporaryDir folder;
    Settings settings(folder.filePath("window.conf"));
    MainWindow window(studio, dialogs, settings);
    window.show();
    session.begin();
    const auto sentence = [&] {
        const auto* label = window.findChild<QLabel*>("notice sentence");
        return label ? label->text() : QString();
    };
    ASSERT_TRUE(QTest::qWaitFor([&] { return !sentence().isEmpty(); }, kWindowPatience));
    EXPECT_THAT(sentence().toStdString(), testing::HasSubstr("/nowhere/at.all is not there"));
    EXPECT_NE(window.findChild<QPushButton*>("Try again"), nullptr);
}

TEST(RealWindow, TheEngineSurvivesTheDeathOfItsWindow)
{
    test::Program engine({kPrograms + "tangle", "run", kDemo.string(), "--world", kWorld.string()});
    ASSERT_TRUE(engine.prints("Live."));
    {
        test::Program window({kPrograms + "jolly-tangle"});
        QTest::qWait(1500);
        window.signal(SIGKILL);
    }
    test::Program status({kPrograms + "tangle", "status"});
    EXPECT_EQ(status.end(), 0);
    EXPECT_THAT(status.text(), testing::HasSubstr("\"Marrowmere Mail\" is live."));
    engine.signal(SIGTERM);
    EXPECT_EQ(engine.end(), 0);
}

TEST(RealWindow, TakesItsPictureAndEnds)
{
    const auto picture = QDir::tempPath() + "/jolly-window-test.png";
    test::Program window({kPrograms + "jolly-tangle", kDemo.string(), "--world", kWorld.string(),
                          "--page", "weave", "--picture", picture.toStdString()});
    EXPECT_EQ(window.end(), 0) << window.text();
    const QImage image(picture);
    EXPECT_EQ(image.size(), QSize(1240, 730)) << "fits a screen of 1280x800 with its frame";
    EXPECT_GE(coloursOf(image), 30);
    QFile::remove(picture);
}

TEST(RealWindow, ASessionBusThatEndsIsSaidAndNothingIsLost)
{
    const auto usual = qgetenv("DBUS_SESSION_BUS_ADDRESS");
    test::Program bus({"dbus-daemon", "--session", "--nofork", "--print-address=1"});
    ASSERT_TRUE(bus.prints("\n"));
    const auto begin = bus.text().find("unix:");
    ASSERT_NE(begin, std::string::npos) << bus.text();
    const auto end = bus.text().find('\n', begin);
    qputenv("DBUS_SESSION_BUS_ADDRESS",
            QByteArray::fromStdString(bus.text().substr(begin, end - begin)));
    {
        RealWindow real;
        const auto pid = enginePid();
        real.document.edit("name", [](Tangle& tangle) { tangle.name = "Kept"; });
        bus.signal(SIGKILL);
        const auto hasSaid = [&] {
            return std::ranges::any_of(real.studio.messages().sayings(), [](const Saying& saying) {
                return saying.sentence.contains("There is no session bus");
            });
        };
        EXPECT_TRUE(QTest::qWaitFor(hasSaid, kWindowPatience));
        const auto before = real.session.values().events;
        EXPECT_TRUE(
            QTest::qWaitFor([&] { return real.session.values().events > before; }, kWindowPatience))
            << "the window goes on to show what moves";
        EXPECT_EQ(real.document.tangle().name, "Kept");
        EXPECT_TRUE(real.document.save(real.folder.filePath("kept.tangle")));
        ::kill(pid, SIGTERM);  // nobody can order it to end any more
    }
    qputenv("DBUS_SESSION_BUS_ADDRESS", usual);
}

}  // namespace
}  // namespace jolly
