// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/window/main_window.h"

#include "app/style/palette.h"
#include "app/window/faceplate_files.h"
#include "app/window/notice_bar.h"
#include "core/layers/family_edit.h"
#include "core/tangle/device_edit.h"
#include "core/tangle/edit.h"
#include "core/tangle/lookup.h"
#include "format/sheet_text.h"

#include <QAction>
#include <QCloseEvent>
#include <QHBoxLayout>
#include <QMenu>
#include <QShortcut>
#include <QVBoxLayout>

namespace jolly::app
{

MainWindow::MainWindow(Studio& studio, Dialogs& dialogs, Speaker::Say say)
    : m_studio(studio),
      m_dialogs(dialogs),
      m_top(new TopBar(studio)),
      m_rail(new Rail),
      m_status(new StatusBar(studio)),
      m_pages(new QStackedWidget),
      m_watch(new AxisWatch(studio, this)),
      m_rig(new RigPage(studio, *m_watch)),
      m_weave(new WeavePage(studio)),
      m_shape(new ShapePage(studio, *m_watch)),
      m_layers(new LayersPage(studio)),
      m_bench(new BenchPage(studio)),
      m_craft(new CraftPage(studio)),
      m_permission(new PermissionPage(studio)),
      m_strip(studio),
      m_speaker(std::move(say))
{
    setWindowTitle(tr("Jolly Tangle"));
    setObjectName(QStringLiteral("main window"));
    resize(1280, 800);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(0);
    auto* middle = new QHBoxLayout;
    middle->setSpacing(0);
    m_pages->addWidget(m_rig);
    m_pages->addWidget(m_weave);
    m_pages->addWidget(m_shape);
    m_pages->addWidget(m_layers);
    m_pages->addWidget(m_bench);
    m_pages->addWidget(m_craft);
    m_pages->addWidget(m_permission);
    middle->addWidget(m_rail);
    auto* main = new QVBoxLayout;
    main->setSpacing(0);
    main->addWidget(new NoticeBar(studio));
    main->addWidget(m_pages, 1);
    middle->addLayout(main, 1);
    column->addWidget(m_top);
    column->addLayout(middle, 1);
    column->addWidget(m_status);
    buildMenu();
    buildKeys();
    connect(m_rail, &Rail::chosen, this,
            [this](int page) { showPage(static_cast<Rail::Page>(page)); });
    connect(m_rig, &RigPage::pretendRigWanted, this, &MainWindow::pretendRigWanted);
    connect(m_rig, &RigPage::exportWanted, this, [this](const std::string& controller) {
        exportFaceplate(m_studio, m_dialogs, this, controller);
    });
    connect(m_rig, &RigPage::importWanted, this, [this](const std::string& controller) {
        importFaceplate(m_studio, m_dialogs, this, controller);
    });
    connect(m_permission, &PermissionPage::permissionWanted, this, &MainWindow::askForPermission);
    connect(m_permission, &PermissionPage::dismissed, this, [this] {
        m_isPermissionDismissed = true;
        followPermission();
    });
    connect(&studio, &Studio::problemsChanged, this, &MainWindow::followPermission);
    connect(m_layers, &LayersPage::libraryWanted, this, &MainWindow::showCraftLibrary);
    connect(&m_top->craftChooser(), &CraftChooser::libraryWanted, this,
            &MainWindow::showCraftLibrary);
    connect(m_bench, &BenchPage::recordingWanted, this, &MainWindow::chooseRecording);
    connect(m_bench, &BenchPage::reportWanted, this, &MainWindow::saveReport);
    connect(m_craft, &CraftPage::pictureWanted, this, &MainWindow::choosePicture);
    connect(m_weave, &WeavePage::sheetFileWanted, this, &MainWindow::chooseSheetFile);
    connect(m_weave, &WeavePage::removalWanted, this, &MainWindow::removeDevice);
    connect(&m_top->liveSwitch(), &QAbstractButton::clicked, this, &MainWindow::toggleLive);
    connect(&studio, &Studio::problemsChanged, this, &MainWindow::showCounts);
    showCounts();
    showPage(Rail::Rig);
}

QAction* MainWindow::add(QMenu& menu, const QString& words, const QKeySequence& keys,
                         const std::function<void()>& deed)
{
    auto* entry = menu.addAction(words);
    entry->setShortcut(keys);
    entry->setShortcutContext(Qt::WindowShortcut);
    connect(entry, &QAction::triggered, this, deed);
    addAction(entry);
    return entry;
}

void MainWindow::buildMenu()
{
    auto* menu = new QMenu(this);
    menu->setObjectName(QStringLiteral("main menu"));
    add(*menu, tr("New tangle"), QKeySequence::New, [this] { begin(); });
    add(*menu, tr("Open…"), QKeySequence::Open, [this] { open(); });
    add(*menu, tr("Save"), QKeySequence::Save, [this] { save(); });
    add(*menu, tr("Save as…"), QKeySequence(tr("Ctrl+Shift+S")), [this] { saveAs(); });
    menu->addSeparator();
    auto* undo = m_studio.document().history().createUndoAction(this, tr("Undo"));
    undo->setShortcut(QKeySequence::Undo);
    auto* redo = m_studio.document().history().createRedoAction(this, tr("Redo"));
    redo->setShortcuts({QKeySequence(tr("Ctrl+Shift+Z")), QKeySequence(tr("Ctrl+Y"))});
    for (auto* action : {undo, redo}) {
        menu->addAction(action);
        addAction(action);
    }
    menu->addSeparator();
    auto* all = add(*menu, tr("Show all threads"), QKeySequence(tr("Ctrl+H")), [] {});
    all->setCheckable(true);
    connect(all, &QAction::toggled, m_weave, &WeavePage::setShowsAllThreads);
    auto* light = add(*menu, tr("Light colours"), {}, [] {});
    light->setCheckable(true);
    light->setChecked(isLight());
    connect(light, &QAction::toggled, this, &MainWindow::themeWanted);
    addOutOfWindow(*menu);
    menu->addSeparator();
    add(*menu, tr("Close the window"), QKeySequence::Quit, [this] { close(); });
    m_top->menuButton().setMenu(menu);
}

/// What tells of layers outside the window: a strip above the sim, and a voice. Both are off at
/// first.
void MainWindow::addOutOfWindow(QMenu& menu)
{
    auto* strip = add(menu, tr("Strip above the sim"), {}, [] {});
    strip->setObjectName(QStringLiteral("strip shown"));
    strip->setCheckable(true);
    auto* place = add(menu, tr("Move the strip…"), {}, [this] { m_strip.setPlacing(true); });
    place->setObjectName(QStringLiteral("strip placing"));
    place->setEnabled(false);
    connect(strip, &QAction::toggled, this, [this, place](bool isOn) {
        place->setEnabled(isOn);
        if (!isOn) m_strip.setPlacing(false);
        m_strip.setVisible(isOn);
    });
    auto* speaks = add(menu, tr("Speak layers as they change"), {}, [] {});
    speaks->setObjectName(QStringLiteral("speak layers"));
    speaks->setCheckable(true);
    speaks->setEnabled(m_speaker.isThere());
    if (!m_speaker.isThere())
        speaks->setText(tr("Speak layers as they change (install speech-dispatcher)"));
    connect(speaks, &QAction::toggled, &m_speaker, &Speaker::setOn);
    connect(&m_speaker, &Speaker::failed, this, [this, speaks](const QString& sentence) {
        speaks->setChecked(false);
        m_studio.refuse(sentence);
    });
    connect(&m_studio.stance(), &Stance::engagedBy, this,
            [this](const QString& layer, bool isEngaged) {
                m_speaker.speak(isEngaged ? layer : tr("%1 off").arg(layer));
            });
}

void MainWindow::buildKeys()
{
    const auto key = [this](const QString& keys, const std::function<void()>& deed) {
        connect(new QShortcut(QKeySequence(keys), this), &QShortcut::activated, this, deed);
    };
    key(tr("Ctrl+1"), [this] { showPage(Rail::Rig); });
    key(tr("Ctrl+2"), [this] { showPage(Rail::Weave); });
    key(tr("Ctrl+3"), [this] { showPage(Rail::Shape); });
    key(tr("Ctrl+4"), [this] { showPage(Rail::Layers); });
    key(tr("Ctrl+5"), [this] { showPage(Rail::Bench); });
    key(tr("Ctrl+L"), [this] { toggleLive(); });
    key(tr("Ctrl+C"), [this] {
        const auto& selected = m_studio.selected();
        const auto strands =
            selected ? m_studio.strandsFrom(*selected) : std::vector<const Strand*>{};
        if (!strands.empty()) m_studio.copyStrand(*strands.front());
    });
    key(tr("Ctrl+V"), [this] { m_studio.pasteStrand(); });
    key(tr("Ctrl+K"), [this] { find(); });
    key(tr("F10"), [this] { m_top->menuButton().showMenu(); });
    key(tr("Ctrl+T"),
        [this] { m_status->findChild<QCheckBox*>(QStringLiteral("follow"))->toggle(); });
    key(tr("Ctrl+P"),
        [this] { m_status->findChild<QPushButton*>(QStringLiteral("preflight"))->click(); });
}

void MainWindow::showPage(Rail::Page page)
{
    m_page = page;
    m_pages->setCurrentIndex(page);
    m_rail->choose(page);
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
    m_studio.document().edit(tr("picture of a craft"), [&](Tangle& tangle) {
        if (auto* found = findBy(tangle.craft, &Craft::id, craft))
            found->picture = path.toStdString();
    });
}

void MainWindow::showCounts()
{
    const auto count = [this](const char* prefix) {
        return static_cast<int>(std::ranges::count_if(
            m_studio.problems(), [prefix](const auto& p) { return p.path.starts_with(prefix); }));
    };
    m_rail->setCount(Rail::Rig, count("/rig") + count("/dev/") + count("/held"));
    m_rail->setCount(Rail::Weave, count("/strands") + count("/devices"));
    m_rail->setCount(Rail::Layers, count("/layers") + count("/craft"));
    m_rail->setCount(Rail::Shape,
                     static_cast<int>(std::ranges::count_if(m_studio.problems(), [](const auto& p) {
                         return p.path.find("/stages/") != std::string::npos;
                     })));
}

void MainWindow::toggleLive()
{
    auto& session = m_studio.session();
    const auto tell = [this](const Fallible& done) {
        if (!done) m_studio.refuse(QString::fromStdString(done.error().text()));
    };
    return session.isLive() ? session.standDown(tell) : session.goLive(tell);
}

void MainWindow::chooseSheetFile()
{
    const auto path = m_dialogs.openFile(this, Dialogs::FileKind::SimSheet);
    if (path.isEmpty()) return;
    const auto sheet = format::sheetNamed(path.toStdString(), {});
    if (!sheet)
        return m_dialogs.tell(this, tr("Not chosen"), QString::fromStdString(sheet.error().text()));
    m_studio.document().edit(tr("choose sim"), [&](Tangle& tangle) {
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
    const bool isMissing = PermissionPage::problemIn(m_studio.problems()) != nullptr;
    if (isMissing && !m_isPermissionDismissed) return m_pages->setCurrentWidget(m_permission);
    if (m_pages->currentWidget() == m_permission) showPage(m_page);
}

void MainWindow::removeDevice(const std::string& id)
{
    const auto* device = findDevice(m_studio.tangle(), id);
    if (!device) return;
    const auto name = QString::fromStdString(device->name);
    const auto count = std::ranges::count_if(
        m_studio.tangle().strands, [&](const Strand& strand) { return leadsToDevice(strand, id); });
    auto ends = std::optional(Ends::Cut);
    if (count > 0) ends = m_dialogs.removing(this, name, static_cast<std::size_t>(count));
    if (!ends) return;
    std::size_t lost = 0;
    m_studio.document().edit(tr("remove virtual device"), [&](Tangle& tangle) {
        lost = jolly::removeDevice(tangle, id, *ends);
    });
    m_studio.say(lost == 0 ? tr("%1 is removed; undo brings it back.").arg(name)
                           : tr("%1 is removed; %2 ends found no free place. Undo brings it back.")
                                 .arg(name)
                                 .arg(lost));
}

void MainWindow::find()
{
    std::vector<Found> all;
    addControls(all);
    addCommands(all);
    (new Finder(std::move(all), this))->open();
}

void MainWindow::addControls(std::vector<Found>& all)
{
    const auto goTo = [this](const ControlRef& ref) {
        return [this, ref] {
            showPage(Rail::Weave);
            m_studio.select(ref);
        };
    };
    for (const auto& controller : m_studio.desk().controllers) {
        for (const auto& control : controller.rig.controls) {
            const auto name = controller.rig.alias + " · " + nameOf(controller.rig, control);
            all.push_back({QString::fromStdString(name), goTo({controller.rig.id, control.code})});
        }
    }
    for (const auto& strand : m_studio.tangle().strands) {
        if (!strand.hasSource()) continue;
        const auto& source = strand.source;
        all.push_back(
            {tr("strand %1").arg(QString::fromStdString(strand.name + " " + strand.function)),
             goTo({source.controller, source.control})});
    }
}

void MainWindow::addCommands(std::vector<Found>& all)
{
    for (auto* action : m_top->menuButton().menu()->actions()) {
        if (action->isSeparator() || !action->isEnabled()) continue;
        all.push_back({tr("command %1").arg(action->text()), [action] { action->trigger(); }});
    }
    all.push_back({tr("command Go live or stand down"), [this] { toggleLive(); }});
    all.push_back({tr("command Craft library"), [this] { showCraftLibrary(); }});
    for (const auto& craft : m_studio.tangle().craft)
        all.push_back({tr("craft %1").arg(QString::fromStdString(craft.name)),
                       [this, id = craft.id] { m_studio.stance().chooseCraft(id); }});
    for (const auto& layer : m_studio.tangle().layers)
        all.push_back(
            {tr("layer %1").arg(QString::fromStdString(layer.name)), [this, id = layer.id] {
                 m_studio.stance().chooseLayer(id);
                 showPage(Rail::Layers);
             }});
}

void MainWindow::showEvent(QShowEvent*)
{
    setFocus();  // nothing is marked before the pilot reaches for the keyboard
}

void MainWindow::closeEvent(QCloseEvent* event)
{
    event->ignore();
    if (!mayLeaveDocument()) return;
    auto& session = m_studio.session();
    auto leaving = Dialogs::Leaving::StandDown;
    if (session.isLive()) leaving = m_dialogs.leaving(this);
    if (leaving == Dialogs::Leaving::Cancel) return;
    const bool isOurs = !session.hasFoundOne() || session.isLive();
    if (leaving == Dialogs::Leaving::StandDown && isOurs) session.end();
    m_studio.document().giveUpChanges();
    event->accept();
}

}  // namespace jolly::app
