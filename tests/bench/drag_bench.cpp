// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/local_engine.h"
#include "app/no_dialogs.h"
#include "app/shape/shape_plot.h"
#include "app/style/theme.h"
#include "app/window/main_window.h"
#include "core/tangle/lookup.h"
#include "crowd.h"
#include "support/small_tangle.h"

#include <QApplication>
#include <QTest>
#include <chrono>
#include <cmath>
#include <cstdio>

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

/// The engine is another process: what it does with a tangle takes the window no time.
class PostedLink : public LocalLink
{
 public:
    PostedLink(LocalEngine& local, std::string& posted) : LocalLink(local), m_posted(posted) {}

    Result<LoadResult> load(const std::string& text) override
    {
        m_posted = text;
        return LoadResult{true, {}};
    }

 private:
    std::string& m_posted;
};

class Drag
{
 public:
    /// @param others  so many strands more, on the buttons of a controller that is away.
    Drag(const QString& tangle, std::size_t others)
        : m_session({.connect = [this]() -> Result<std::unique_ptr<EngineLink>> {
              return std::make_unique<PostedLink>(m_local, m_posted);
          }}),
          m_studio(m_document, m_session),
          m_window(m_studio, m_dialogs)
    {
        m_studio.setClock([this] { return m_local.world.now(); });
        static_cast<void>(m_document.open(tangle));
        m_document.edit("crowd", [&](Tangle& edited) { addCrowd(edited, others); });
        const auto& stick = m_document.tangle().rig.front();
        m_stick = m_local.world.plug(describe(stick), std::vector<Counts>(stick.controls.size()));
        m_window.showPage(Rail::Shape);
        m_window.show();
        m_session.begin();
        settle();
        letEngineWork();
        settle();
        m_session.goLive();
        m_studio.select(ControlRef{stick.id, stick.controls.front().code});
        for (int i = 0; i < 600; ++i) move();  // ten seconds of past
        settle();
    }

    /// One step of the drag. @return how long it took, in milliseconds.
    double step(int number)
    {
        move();
        auto* plot = m_window.findChild<ShapePlot*>("shape plot");
        if (number == 0) m_at = pointOf(*plot);
        const auto start = Clock::now();
        if (number == 0) QTest::mousePress(plot, Qt::LeftButton, {}, m_at);
        QTest::mouseMove(plot, m_at + QPoint(number % 9, number % 40));
        settle();
        const auto length = Clock::now() - start;
        letEngineWork();
        return std::chrono::duration<double, std::milli>(length).count();
    }

    /// Drawing the whole window once, in milliseconds: what a step is compared with.
    double draw()
    {
        const auto start = Clock::now();
        static_cast<void>(m_window.grab());
        return std::chrono::duration<double, std::milli>(Clock::now() - start).count();
    }

    [[nodiscard]] std::uint64_t lost() const { return m_sent - m_seen; }

 private:
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

    void letEngineWork()
    {
        if (!m_posted.empty())
            static_cast<void>(LocalLink(m_local).load(std::exchange(m_posted, {})));
        m_local.engine.step(m_local.world.now());
    }

    void settle()
    {
        m_session.poll();
        for (int i = 0; i < 3; ++i) QCoreApplication::processEvents();
        QCoreApplication::sendPostedEvents(nullptr, QEvent::DeferredDelete);
    }

    LocalEngine m_local;
    std::string m_posted;  ///< a tangle on its way to the engine
    NoDialogs m_dialogs;
    Document m_document;
    EngineSession m_session;
    Studio m_studio;
    MainWindow m_window;
    Handle m_stick = 0;
    QPoint m_at;
    std::uint64_t m_sent = 0;
    std::uint64_t m_seen = 0;
};

void run(const QString& tangle, std::size_t others)
{
    Drag drag(tangle, others);
    std::vector<double> lengths;
    std::vector<double> drawings;
    for (int i = 0; i < kSteps; ++i) {
        lengths.push_back(drag.step(i));
        drawings.push_back(drag.draw());
    }
    std::ranges::sort(lengths);
    std::ranges::sort(drawings);
    const auto late = std::ranges::count_if(lengths, [](double ms) { return ms > kFrame; });
    std::printf(
        "dragging a point at 1,000 events/s, %zu other strands: half of the steps within %.1f ms, "
        "99 %% within "
        "%.1f ms of a frame's %.1f, %.2f times drawing the window once; %ld of %d late; %llu "
        "events lost\n",
        others, lengths[kSteps / 2], lengths[kSteps * 99 / 100], kFrame,
        lengths[kSteps / 2] / drawings[kSteps / 2], static_cast<long>(late), kSteps,
        static_cast<unsigned long long>(drag.lost()));
}

}  // namespace
}  // namespace jolly::test

int main(int argc, char** argv)
{
    QApplication application(argc, argv);
    jolly::app::applyTheme(application);
    for (const std::size_t others : {0U, 2000U})
        jolly::test::run(application.arguments().value(1), others);
    return 0;
}
