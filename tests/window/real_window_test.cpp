// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/services/engine_process.h"
#include "app/window/main_window.h"
#include "support/golden.h"
#include "support/program.h"

#include <gmock/gmock.h>

#include <QImage>
#include <QPushButton>
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

/// As realEngine(), with the program of the build tree.
EngineAccess engineOfThisBuild()
{
    auto access = realEngine(QString::fromStdString(kWorld.string()));
    access.start = [] {
        return std::system((kPrograms + "tangle run --idle --world '" + kWorld.string() +
                            "' >/dev/null 2>&1 &")
                               .c_str()) == 0;
    };
    return access;
}

/// The window as main() makes it.
struct RealWindow {
    RealWindow() : session(engineOfThisBuild()), studio(document, session), window(studio, dialogs)
    {
        EXPECT_TRUE(document.open(QString::fromStdString(kDemo.string())));
        window.showPage(Rail::Weave);
        window.show();
        session.begin();
        EXPECT_TRUE(QTest::qWaitFor(
            [this] { return session.isAttached() && session.status().controllers.size() == 6; },
            8000));
    }
    ~RealWindow() { session.end(); }

    Document document;
    EngineSession session;
    RealDialogs dialogs;
    Studio studio;
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
    EXPECT_TRUE(QTest::qWaitFor([&] { return real.session.values().events > before + 100; }, 5000));
    QTest::mouseClick(real.window.findChild<QWidget*>("live switch"), Qt::LeftButton);
    EXPECT_TRUE(QTest::qWaitFor([&] { return real.session.isLive(); }, 5000));
    EXPECT_TRUE(real.session.status().devices[0].isThere);
    EXPECT_GE(coloursOf(real.window.grab().toImage()), 30);
}

TEST(RealWindow, SurvivesTheDeathOfItsEngineAndIsLiveAgain)
{
    RealWindow real;
    ASSERT_TRUE(real.session.goLive());
    ASSERT_EQ(
        std::system(("pkill -9 -f '[t]angle run --idle --world " + kWorld.string() + "'").c_str()),
        0);
    EXPECT_TRUE(QTest::qWaitFor([&] { return !real.session.isAttached(); }, 5000));
    EXPECT_TRUE(
        QTest::qWaitFor([&] { return real.session.isAttached() && real.session.isLive(); }, 8000));
    const auto before = real.session.values().events;
    EXPECT_TRUE(QTest::qWaitFor([&] { return real.session.values().events > before + 50; }, 5000));
    EXPECT_EQ(real.session.tangle().find("Marrowmere Mail") != std::string::npos, true);
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
    EXPECT_EQ(window.end(20), 0) << window.text();
    const QImage image(picture);
    EXPECT_EQ(image.size(), QSize(1280, 800));
    EXPECT_GE(coloursOf(image), 30);
    QFile::remove(picture);
}

}  // namespace
}  // namespace jolly
