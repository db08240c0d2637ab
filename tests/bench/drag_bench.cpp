// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/local_engine.h"
#include "app/no_dialogs.h"
#include "app/services/language.h"
#include "app/shape/shape_plot.h"
#include "app/style/theme.h"
#include "app/window/main_window.h"
#include "core/tangle/lookup.h"
#include "crowd.h"
#include "support/small_tangle.h"

#include <QApplication>
#include <QTemporaryDir>
#include <QTest>
#include <chrono>
#include <cmath>
#include <cstdio>
#include <functional>
#include <mutex>
#include <utility>

/// Drags a curve point on the Shape page of the demo tangle while its axis moves 1,000 times a
/// second: how long the window takes for each step of the drag, drawing included, beside a frame of
/// a sixtieth second, and whether any event was lost.
namespace jolly::test
{
namespace
{

using namespace app;
using Clock = std::chrono::steady_clock;

constexpr int kSteps = 300;
constexpr int kMovesAStep = 16;  ///< 1,000 a second at 60 frames a second
constexpr double kFrame = 1000.0 / 60.0;
constexpr Time kSpacing = std::chrono::milliseconds(1);

/// A tangle on its way to the engine.
class Post
{
 public:
    void put(const std::string& text)
    {
        const std::lock_guard lock(m_mutex);
        m_text = text;
    }
    std::string take()
    {
        const std::lock_guard lock(m_mutex);
        return std::exchange(m_text, {});
    }

 private:
    std::mutex m_mutex;
    std::string m_text;
};

/// The engine is another process: what it does with a tangle takes the window no time. As in the
/// real window it is called on a thread of its own, on which the tangle is written, too.
class PostedLink : public LocalLink
{
 public:
    PostedLink(LocalEngine& local, Post& post) : LocalLink(local), m_post(post) {}

    Result<LoadResult> load(const std::string& text) override
    {
        m_post.put(text);
        return LoadResult{true, {}};
    }

 private:
    Post& m_post;
};

class Drag
{
 public:
    /// @param others  so many strands more, on the buttons of a controller that is away.
    Drag(const QString& tangle, std::size_t others)
        : m_session({.connect = [this]() -> Result<std::unique_ptr<EngineLink>> {
                         return std::make_unique<PostedLink>(m_local, m_post);
                     },
                     .way = Aside::Way::Thread}),
          m_studio(m_document, m_session),
          m_settings(m_folder.filePath(QStringLiteral("window.conf"))),
          m_window(m_studio, m_dialogs, m_settings)
    {
        m_studio.feed().setClock([this] { return m_local.world.now(); });
        static_cast<void>(m_document.open(tangle));
        m_document.edit("crowd", [&](Tangle& edited) { addCrowd(edited, others); });
        const auto& stick = m_document.tangle().rig.front();
        m_stick = m_local.world.plug(describe(stick), std::vector<Counts>(stick.controls.size()));
        m_window.showPage(Rail::Shape);
        m_window.show();
        m_session.begin();
        settleUntil([this] { return m_session.isAttached(); });
        settleUntil([this] { return letEngineWork(); });
        m_session.goLive();
        settleUntil([this] { return m_session.isLive(); });
        m_studio.selection().select(Source{stick.id, stick.controls.front().code});
        for (int i = 0; i < 600; ++i) move();  // ten seconds of past
        settle();
    }

    /// How long a step took, in milliseconds: all of it, and the edit without drawing.
    struct Length {
        double whole, edit;
    };

    /// One step of the drag.
    Length step(int number)
    {
        move();
        auto* plot = m_window.findChild<ShapePlot*>("shape plot");
        if (number == 0) m_at = pointOf(*plot);
        const auto start = Clock::now();
        if (number == 0) QTest::mousePress(plot, Qt::LeftButton, {}, m_at);
        QTest::mouseMove(plot, m_at + QPoint(number % 9, number % 40));
        const auto edited = Clock::now();
        settle();
        const auto end = Clock::now();
        letEngineWork();
        return {milliseconds(end - start), milliseconds(edited - start)};
    }

    /// Drawing the whole window once, in milliseconds: what a step is compared with.
    double draw()
    {
        const auto start = Clock::now();
        static_cast<void>(m_window.grab());
        return milliseconds(Clock::now() - start);
    }

    [[nodiscard]] std::uint64_t lost() const { return m_sent - m_seen; }

 private:
    static double milliseconds(Clock::duration length)
    {
        return std::chrono::duration<double, std::milli>(length).count();
    }

    static QPoint pointOf(const ShapePlot& plot)
    {
        for (int i = 0; i < plot.handleCount(); ++i) {
            if (plot.handleName(i) == QLatin1String("curve point 2"))
                return plot.placeOfHandle(i).toPoint();
        }
        std::abort();
    }

    void move()
    {
        const auto& control = m_document.tangle().rig.front().controls.front();
        for (int i = 0; i < kMovesAStep; ++i) {
            m_local.world.setNow(m_local.world.now() + kSpacing);
            const double swing = std::sin(static_cast<double>(m_sent) / 170.0);  // once a second
            const double jitter = static_cast<double>((m_sent++ * 37) % 7) / 1000.0;
            const double place = 0.5 + 0.45 * swing + jitter;
            const auto& c = control.calibration;
            m_local.world.move(m_stick,
                               {{0, false, c.low + static_cast<int>(place * (c.high - c.low))}});
            m_local.engine.step(m_local.world.now());
        }
        m_session.poll();
        m_seen += m_session.moves().size();
    }

    /// @return whether there was a tangle for it.
    bool letEngineWork()
    {
        const auto text = m_post.take();
        if (!text.empty()) static_cast<void>(LocalLink(m_local).load(text));
        m_local.engine.step(m_local.world.now());
        return !text.empty();
    }

    void settleUntil(const std::function<bool()>& isSo)
    {
        while (!isSo()) settle();
    }

    void settle()
    {
        m_session.poll();
        for (int i = 0; i < 3; ++i) QCoreApplication::processEvents();
        QCoreApplication::sendPostedEvents(nullptr, QEvent::DeferredDelete);
    }

    LocalEngine m_local;
    Post m_post;
    NoDialogs m_dialogs;
    Document m_document;
    EngineSession m_session;
    Studio m_studio;
    QTemporaryDir m_folder;
    Settings m_settings;
    MainWindow m_window;
    Handle m_stick = 0;
    QPoint m_at;
    std::uint64_t m_sent = 0;
    std::uint64_t m_seen = 0;
};

void run(const QString& tangle, std::size_t others)
{
    Drag drag(tangle, others);
    std::vector<double> steps;
    std::vector<double> edits;
    std::vector<double> drawings;
    for (int i = 0; i < kSteps; ++i) {
        const auto length = drag.step(i);
        steps.push_back(length.whole);
        edits.push_back(length.edit);
        drawings.push_back(drag.draw());
    }
    for (auto* lengths : {&steps, &edits, &drawings}) std::ranges::sort(*lengths);
    const auto late = [](const std::vector<double>& lengths) {
        return static_cast<long>(
            std::ranges::count_if(lengths, [](double ms) { return ms > kFrame; }));
    };
    std::printf("dragging a point at 1,000 events/s, %zu other strands; a frame is %.1f ms\n",
                others, kFrame);
    std::printf("%-28s %8s %8s %12s\n", "ms", "half", "99 %", "over a frame");
    const auto print = [&](const char* what, const std::vector<double>& lengths) {
        std::printf("%-28s %8.1f %8.1f %5ld of %d\n", what, lengths[kSteps / 2],
                    lengths[kSteps * 99 / 100], late(lengths), kSteps);
    };
    print("the edit", edits);
    print("the edit, and drawing it", steps);
    print("drawing the window once", drawings);
    std::printf("a step is %.2f drawings; %llu events lost\n",
                steps[kSteps / 2] / drawings[kSteps / 2],
                static_cast<unsigned long long>(drag.lost()));
}

}  // namespace
}  // namespace jolly::test

int main(int argc, char** argv)
{
    QApplication application(argc, argv);
    static_cast<void>(jolly::app::speak(application, QStringLiteral("en")));
    jolly::app::applyTheme(application);
    for (const std::size_t others : {0U, 2000U})
        jolly::test::run(application.arguments().value(1), others);
    return 0;
}
