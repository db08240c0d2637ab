// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/window/main_window.h"
#include "app/style/qt_text.h"

#include "app/page_info/page_info.h"
#include "app/strands/stage_finds.h"
#include "app/style/quiet_fields.h"
#include "app/style/scroll_column.h"
#include "app/widgets/finder.h"
#include "app/window/faceplate_files.h"
#include "app/window/find_all.h"
#include "app/window/notice_bar.h"
#include "core/layers/family_edit.h"
#include "core/tangle/device_edit.h"
#include "core/tangle/edit.h"
#include "core/tangle/lookup.h"
#include "core/tangle/stage_edit.h"
#include "format/sheet_text.h"

#include <QCloseEvent>
#include <QCoreApplication>
#include <QDir>
#include <QHBoxLayout>
#include <QVBoxLayout>

namespace jolly::app
{

namespace
{

/// Leaves room for a frame and a panel on a screen of 1280x800.
constexpr QSize kUsualSize{1240, 730};

/// The stages for the first strand of what is selected, where the pilot stands.
std::vector<Found> stagesForSelected(Studio& studio, qreal scale, const std::function<void()>& go)
{
    const auto& selected = studio.selection().selected();
    if (!selected) return {};
    const auto strands = studio.stance().strandsFrom(*selected);
    const auto here = std::ranges::find(strands, studio.stance().footing().layer, &Strand::layer);
    if (here == strands.end()) return {};
    const auto& strand = **here;
    const auto add = [&studio, go, id = strand.id](const StageParameters& stage) {
        go();
        studio.edits().apply({MainWindow::tr("add %1").arg(toQt(infoOf(stage).name)), id},
                             [&](Tangle& tangle, Strand& s) { addStage(tangle, s.id, stage); });
    };
    auto stages = stagesFor(studio.tangle(), strand, scale, add);
    for (auto& stage : stages) {
        stage.kind = MainWindow::tr("stage");
        stage.about = MainWindow::tr("for %1: %2").arg(toQt(strand.name), stage.about);
    }
    return stages;
}

}  // namespace

MainWindow::MainWindow(Studio& studio, Dialogs& dialogs, Settings& settings, Speaker::Say say)
    : m_studio(studio),
      m_dialogs(dialogs),
      m_settings(settings),
      m_top(new TopBar(studio.edits(), studio.feed())),
      m_rail(new Rail),
      m_status(new StatusBar(studio)),
      m_pages(new QStackedWidget),
      m_watch(new AxisWatch(studio.selection(), this)),
      m_rig(new RigPage(studio, *m_watch)),
      m_weave(new WeavePage(studio)),
      m_shape(new ShapePage(studio, *m_watch)),
      m_layers(new LayersPage(studio)),
      m_bench(new BenchPage(studio)),
      m_craft(new CraftPage(studio)),
      m_permission(new PermissionPage(studio.preflight())),
      m_settingsPage(
          new SettingsPage(studio.messages(), studio.selection(), settings,
                           {Autostart::usualFolder(), QCoreApplication::applicationFilePath()},
                           static_cast<bool>(say))),
      m_strip(studio.edits(), studio.selection()),
      m_speaker(std::move(say)),
      m_commands(*this, m_top->menuButton()),
      m_firstSteps(studio)
{
    new QuietFields(this);
    setWindowTitle(tr("Jolly Tangle"));
    setObjectName(QStringLiteral("main window"));
    setAcceptDrops(true);
    resize(kUsualSize);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(0);
    auto* middle = new QHBoxLayout;
    middle->setSpacing(0);
    for (QWidget* page :
         {static_cast<QWidget*>(m_rig), static_cast<QWidget*>(m_weave),
          static_cast<QWidget*>(m_shape), static_cast<QWidget*>(m_layers),
          static_cast<QWidget*>(m_bench), static_cast<QWidget*>(m_craft),
          static_cast<QWidget*>(m_permission), static_cast<QWidget*>(m_settingsPage)})
        m_pages->addWidget(page);
    middle->addWidget(m_rail);
    auto* main = new QVBoxLayout;
    main->setSpacing(0);
    main->addWidget(new NoticeBar(studio.messages()));
    main->addWidget(m_pages, 1);
    middle->addLayout(main, 1);
    column->addWidget(m_top);
    column->addLayout(middle, 1);
    column->addWidget(m_status);
    auto* toast = new Toast(*this);
    connect(&studio.messages(), &Messages::said, toast, &Toast::say);
    buildCommands();
    wirePages();
    showCounts();
    showPage(Rail::Rig);
}

MainWindow::~MainWindow() = default;

void MainWindow::wirePages()
{
    connect(m_rail, &Rail::chosen, this,
            [this](int page) { showPage(static_cast<Rail::Page>(page)); });
    connect(m_rig, &RigPage::pretendRigWanted, this, [this] { Q_EMIT pretendRigWanted(true); });
    connect(m_rig, &RigPage::exportWanted, this, [this](const std::string& controller) {
        exportFaceplate(m_studio.edits(), m_studio.feed(), m_dialogs, this, controller);
    });
    connect(m_rig, &RigPage::importWanted, this, [this](const std::string& controller) {
        importFaceplate(m_studio.edits(), m_studio.feed(), m_dialogs, this, controller);
    });
    connect(m_rig, &RigPage::openWanted, this, [this](const QString& path) {
        later(this, [this, path] {
            if (mayLeaveDocument()) openFile(path);
        });
    });
    const auto showRecent = [this] { m_rig->setRecent(m_settings.get(settings::kRecentTangles)); };
    connect(&m_settings, &Settings::recentChanged, m_rig, showRecent);
    showRecent();
    connect(m_permission, &PermissionPage::permissionWanted, this, &MainWindow::askForPermission);
    connect(m_permission, &PermissionPage::dismissed, this, [this] {
        m_isPermissionDismissed = true;
        followPermission();
    });
    connect(&m_studio.preflight(), &Preflight::changed, this, &MainWindow::followPermission);
    connect(m_layers, &LayersPage::libraryWanted, this, &MainWindow::showCraftLibrary);
    connect(&m_top->craftChooser(), &CraftChooser::libraryWanted, this,
            &MainWindow::showCraftLibrary);
    connect(m_bench, &BenchPage::recordingWanted, this, &MainWindow::chooseRecording);
    connect(m_bench, &BenchPage::reportWanted, this, &MainWindow::saveReport);
    connect(m_craft, &CraftPage::pictureWanted, this, &MainWindow::choosePicture);
    connect(m_weave, &WeavePage::sheetFileWanted, this, &MainWindow::chooseSheetFile);
    connect(m_weave, &WeavePage::removalWanted, this, &MainWindow::removeDevice);
    connect(&m_top->liveSwitch(), &QAbstractButton::clicked, this, &MainWindow::toggleLive);
    connect(&m_studio.preflight(), &Preflight::changed, this, &MainWindow::showCounts);
    connect(&m_studio.selection(), &Selection::followingChanged, this,
            [this](bool isFollowing) { m_settings.set(settings::kFollowsTouch, isFollowing); });
    connect(m_settingsPage, &SettingsPage::done, this, [this] { showPage(m_page); });
    connect(m_settingsPage, &SettingsPage::coloursChosen, this, &MainWindow::useColours);
    connect(&m_settings, &Settings::warned, &m_studio.messages(), &Messages::refuse);
    connect(&m_studio.document(), &Document::fileChanged, this, [this] {
        const auto& document = m_studio.document();
        if (document.isSaved()) m_settings.rememberTangle(document.path());
    });
    connect(&m_firstSteps, &FirstSteps::rigWanted, this, [this] { showPage(Rail::Rig); });
    connect(&m_firstSteps, &FirstSteps::weaveWanted, this, [this] { showPage(Rail::Weave); });
    connect(&m_firstSteps, &FirstSteps::liveWanted, this, &MainWindow::toggleLive);
    connect(&m_firstSteps, &FirstSteps::ended, this,
            [this] { m_settings.set(settings::kFirstSteps, false); });
}

void MainWindow::showPage(Rail::Page page)
{
    m_page = page;
    m_pages->setCurrentIndex(page);
    m_rail->choose(page);
}

void MainWindow::showSettings()
{
    m_pages->setCurrentWidget(m_settingsPage);
    m_settingsPage->setFocus();
}

/// The library is reached from the craft chooser and from Layers, which stays chosen.
void MainWindow::showCraftLibrary()
{
    m_page = Rail::Layers;
    m_rail->choose(Rail::Layers);
    m_craft->choose(m_studio.stance().footing().craft);
    m_pages->setCurrentWidget(m_craft);
}

void MainWindow::choosePicture(const std::string& craft)
{
    const auto path = m_dialogs.openFile(this, Dialogs::FileKind::Picture);
    if (path.isEmpty()) return;
    m_studio.edits().applyToWhole({tr("picture of a craft")}, [&](Tangle& tangle) {
        if (auto* found = findBy(tangle.craft, &Craft::id, craft))
            found->picture = path.toStdString();
    });
}

void MainWindow::showCounts()
{
    const auto& problems = m_studio.preflight().problems();
    const auto infos = pageInfos();
    for (std::size_t page = 0; page < infos.size(); ++page) {
        const auto count = std::ranges::count_if(
            problems, [&](const Problem& problem) { return infos[page].counts(problem.path); });
        m_rail->setCount(static_cast<Rail::Page>(page), static_cast<int>(count));
    }
}

void MainWindow::toggleLive()
{
    auto& session = m_studio.session();
    const auto tell = [this](const Fallible& done) {
        if (!done) m_studio.messages().refuse(toQt(done.error().text()));
    };
    return session.isLive() ? session.standDown(tell) : session.goLive(tell);
}

void MainWindow::chooseSheetFile()
{
    const auto path = m_dialogs.openFile(this, Dialogs::FileKind::SimSheet);
    if (path.isEmpty()) return;
    const auto sheet = format::sheetNamed(path.toStdString(), {});
    if (!sheet) return m_dialogs.tell(this, tr("Not chosen"), toQt(sheet.error().text()));
    m_studio.edits().applyToWhole({tr("choose sim")}, [&](Tangle& tangle) {
        setSheet(tangle, m_studio.stance().footing().craft, *sheet);
    });
}

void MainWindow::askForPermission()
{
    m_permission->tell(tr("Asking the administrator…"));
    m_dialogs.permit(this, [this](const QString& sentence) { m_permission->tell(sentence); });
}

/// The page for the missing permission stands before the others until it is given, or put aside.
void MainWindow::followPermission()
{
    const bool isMissing = PermissionPage::problemIn(m_studio.preflight().problems()) != nullptr &&
                           !m_isPermissionDismissed;
    const bool isNew = isMissing && !std::exchange(m_isPermissionAsked, isMissing);
    if (isNew) return m_pages->setCurrentWidget(m_permission);
    if (isMissing) return;  // whoever went to another page stays there
    if (m_pages->currentWidget() == m_permission) showPage(m_page);
}

void MainWindow::removeDevice(const std::string& id)
{
    const auto* device = findDevice(m_studio.tangle(), id);
    if (!device) return;
    const auto name = toQt(device->name);
    const auto count = std::ranges::count_if(
        m_studio.tangle().strands, [&](const Strand& strand) { return leadsToDevice(strand, id); });
    auto ends = std::optional(Ends::Cut);
    if (count > 0) ends = m_dialogs.removing(this, name, static_cast<std::size_t>(count));
    if (!ends) return;
    std::size_t lost = 0;
    m_studio.edits().applyToWhole({tr("remove virtual device")}, [&](Tangle& tangle) {
        lost = jolly::removeDevice(tangle, id, *ends);
    });
    m_studio.messages().say(
        lost == 0 ? tr("%1 is removed; undo brings it back.").arg(name)
                  : tr("%1 is removed; %n end(s) found no free place. Undo brings it back.",
                       nullptr, static_cast<int>(lost))
                        .arg(name));
}

void MainWindow::find()
{
    const FindWays ways{.toControl =
                            [this](const Source& ref) {
                                showPage(Rail::Weave);
                                m_studio.selection().select(ref);
                            },
                        .toLayer =
                            [this](const std::string& layer) {
                                m_studio.stance().chooseLayer(layer);
                                showPage(Rail::Layers);
                            },
                        .toDevice =
                            [this](const std::string& device) {
                                showPage(Rail::Weave);
                                m_weave->sizeDevice(device);
                            }};
    auto all = findable(m_studio.edits(), m_studio.feed().desk(), m_commands, ways);
    const auto go = [this] { showPage(Rail::Weave); };
    for (auto& stage : stagesForSelected(m_studio, devicePixelRatioF(), go))
        all.push_back(std::move(stage));
    (new Finder(std::move(all), tr("Find a control, a strand, a stage, a craft, a command …"),
                this))
        ->open();
}

void MainWindow::showEvent(QShowEvent*)
{
    setFocus();  // nothing is marked before the pilot reaches for the keyboard
}

/// One question for all there is to decide.
void MainWindow::closeEvent(QCloseEvent* event)
{
    event->ignore();
    auto& session = m_studio.session();
    auto& document = m_studio.document();
    Dialogs::Leave leave;
    if (document.hasChanges() || session.isLive()) {
        const auto file = document.path().isEmpty() ? freshFile() : document.path();
        const auto answer =
            m_dialogs.leaving(this, {toQt(document.tangle().name), QDir::toNativeSeparators(file),
                                     document.hasChanges(), session.isLive()});
        if (!answer) return;
        leave = *answer;
    }
    if (leave.saves && !saveOnTheWayOut()) return;
    const bool isOurs = !session.hasFoundOne() || session.isLive();
    if (!leave.keepsFlying && isOurs && !m_windows.areOthersThere()) {
        session.end();
    } else {
        if (!leave.keepsFlying && isOurs && session.isLive()) session.standDown();
        m_studio.flown().endTrials();
        session.leave();
    }
    document.giveUpChanges();
    remember();
    event->accept();
}

}  // namespace jolly::app
