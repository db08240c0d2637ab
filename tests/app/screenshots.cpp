// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/strands/strand_card.h"
#include "app/style/palette.h"
#include "app/style/theme.h"
#include "app/window/main_window.h"
#include "local_engine.h"
#include "pretend/motion.h"
#include "pretend/world_file.h"
#include "support/golden.h"

#include <QApplication>
#include <QDir>

/// Renders the main views from the demo data, as they stand at one moment of the pretend rig: the
/// same picture each time. Usage: screenshots FOLDER
namespace jolly::test
{
namespace
{

using namespace app;

constexpr Time kBefore = std::chrono::milliseconds(5200);
constexpr Time kMoment = std::chrono::milliseconds(5600);

class NoDialogs : public Dialogs
{
 public:
    QString openFile(QWidget*) override { return {}; }
    QString saveFile(QWidget*, const QString&) override { return {}; }
    Answer unsaved(QWidget*, const QString&) override { return Answer::Discard; }
    Leaving leaving(QWidget*) override { return Leaving::StandDown; }
    void tell(QWidget*, const QString&, const QString&) override {}
};

/// The window on the demo tangle, in a world that stands still.
class Scene
{
 public:
    explicit Scene(bool isEmpty)
        : session({[this]() -> Result<std::unique_ptr<EngineLink>> {
                       return std::make_unique<LocalLink>(local);
                   },
                   [] { return false; }}),
          studio(document, session),
          window(studio, dialogs)
    {
        local.world.setNow(std::chrono::steady_clock::now().time_since_epoch());
        window.topBar().setClock([] { return QTime(14, 2, 30); });
        studio.setFollowing(false);
        if (!isEmpty) {
            static_cast<void>(document.open(
                QString::fromStdString((shippedData() / "demo" / "marrowmere.tangle").string())));
            plugIn();
        }
        window.show();
        session.begin();
        settle();
    }

    void goLive()
    {
        static_cast<void>(session.goLive());
        settle();
        act();
        settle();
    }

    void select(const char* controller, const char* control)
    {
        studio.select(ControlRef{controller, *parseControlCode(control)});
        settle();
    }

    void openStage(int stage)
    {
        window.weavePage()
            .cardOf(studio.strandsFrom(*studio.selected()).front()->id)
            ->openEditor(stage);
        settle();
    }

    void settle()
    {
        local.engine.step(local.world.now());
        session.poll();
        for (int i = 0; i < 5; ++i) {
            QCoreApplication::processEvents();
            QCoreApplication::sendPostedEvents(nullptr, QEvent::DeferredDelete);
        }
    }

    LocalEngine local;
    NoDialogs dialogs;
    Document document;
    EngineSession session;
    Studio studio;
    MainWindow window;

 private:
    Counts at(std::size_t controller, std::size_t control, Time time) const
    {
        const auto& script = m_script.controllers[controller].controls[control];
        return script.code.type == EventType::Rel
                   ? Counts{}
                   : positionAt(script, time, controller * 100 + control, 1);
    }

    void plugIn()
    {
        m_script = readWorld(textOf(shippedData() / "demo" / "marrowmere-world.json")).script;
        for (std::size_t c = 0; c < m_script.controllers.size(); ++c) {
            std::vector<Counts> state;
            for (std::size_t i = 0; i < m_script.controllers[c].controls.size(); ++i)
                state.push_back(at(c, i, kBefore));
            m_handles.push_back(local.world.plug(m_script.controllers[c].description(), state));
        }
    }

    /// Lets the rig move on, so that presses are real presses.
    void act()
    {
        for (std::size_t c = 0; c < m_handles.size(); ++c) {
            std::vector<RawMove> moves;
            for (std::size_t i = 0; i < m_script.controllers[c].controls.size(); ++i) {
                const auto now = at(c, i, kMoment);
                const auto place = static_cast<std::uint16_t>(i);
                if (now.x != at(c, i, kBefore).x) moves.push_back({place, false, now.x});
                if (now.y != at(c, i, kBefore).y) moves.push_back({place, true, now.y});
            }
            local.world.move(m_handles[c], moves);
        }
    }

    PretendScript m_script;
    std::vector<Handle> m_handles;
};

struct Shot {
    const char* name;
    bool isLight;
    bool isEmpty;
    std::function<void(Scene&)> arrange;
};

const Shot kShots[] = {
    {"weave", false, false,
     [](Scene& s) {
         s.window.showPage(Rail::Weave);
         s.goLive();
         s.select("twinlever-q2", "ABS_X");
     }},
    {"weave-curve", false, false,
     [](Scene& s) {
         s.window.showPage(Rail::Weave);
         s.select("skerry-stick", "ABS_X");
         s.openStage(1);
     }},
    {"weave-light", true, false,
     [](Scene& s) {
         s.window.showPage(Rail::Weave);
         s.goLive();
         s.select("skerry-stick", "ABS_Y");
         s.openStage(0);
     }},
    {"rig", false, false,
     [](Scene& s) {
         s.goLive();
         s.select("skerry-stick", "ABS_X");
     }},
    {"rig-light", true, false, [](Scene& s) { s.select("orrin-wheel-900", "ABS_Y"); }},
    {"rig-empty", false, true, [](Scene&) {}},
};

}  // namespace
}  // namespace jolly::test

int main(int argc, char** argv)
{
    QApplication application(argc, argv);
    const auto folder = application.arguments().value(1);
    for (const auto& shot : jolly::test::kShots) {
        jolly::app::useLight(shot.isLight);
        jolly::app::applyTheme(application);
        jolly::test::Scene scene(shot.isEmpty);
        shot.arrange(scene);
        scene.settle();
        if (!scene.window.grab().save(QDir(folder).filePath(QLatin1String(shot.name) + ".png")))
            return 1;
    }
    return 0;
}
