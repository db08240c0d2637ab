// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/page_info/page_info.h"
#include "app/style/palette.h"
#include "app/style/qt_text.h"
#include "app/window/craft_menu.h"
#include "app/window/help.h"
#include "app/window/main_window.h"
#include "app/window/reading_order.h"
#include "app/window/said_list.h"

#include <QApplication>
#include <QFileInfo>
#include <QGuiApplication>
#include <QScreen>

/// What the window can be told to do, in the order of the menus; and what it remembers.
namespace jolly::app
{

Rail::Page MainWindow::pageNamed(const QString& name)
{
    const auto infos = pageInfos();
    const auto found = std::ranges::find_if(
        infos, [&](const PageInfo& each) { return name == QLatin1String(each.id); });
    return found == infos.end() ? Rail::Rig : static_cast<Rail::Page>(found - infos.begin());
}

void MainWindow::buildCommands()
{
    addFileCommands();
    addEditCommands();
    addViewCommands();
    addFlyCommands();
    addHelpCommands();
    auto& button = m_top->menuButton();
    button.setMenu(&m_commands.whole());
    auto* open = new QAction(this);
    open->setShortcut(QKeySequence(tr("F10")));
    connect(open, &QAction::triggered, this, [this] { m_commands.open(); });
    addAction(open);
}

void MainWindow::addFileCommands()
{
    constexpr auto kIn = Commands::File;
    m_commands.add(kIn, "new tangle", tr("New tangle"), QKeySequence::New, [this] { begin(); });
    m_commands.add(kIn, "open", tr("Open…"), QKeySequence::Open, [this] { open(); });
    auto* recent = m_commands.of(kIn).addMenu(tr("Open recent"));
    recent->setObjectName(QStringLiteral("recent tangles"));
    connect(recent, &QMenu::aboutToShow, this, [this, recent] { fillRecent(*recent); });
    m_commands.add(kIn, "save", tr("Save"), QKeySequence::Save, [this] { save(); });
    m_commands.add(kIn, "save as", tr("Save as…"), QKeySequence(tr("Ctrl+Shift+S")),
                   [this] { saveAs(); });
    m_commands.addLine(kIn);
    m_commands.add(kIn, "open recording", tr("Open a recording…"), {}, [this] {
        showPage(Rail::Bench);
        chooseRecording();
    });
    m_commands.addLine(kIn);
    m_commands.add(kIn, "close window", tr("Close the window"), QKeySequence(tr("Ctrl+Q")),
                   [this] { close(); });
}

void MainWindow::fillRecent(QMenu& menu)
{
    menu.clear();
    const auto paths = m_settings.get(settings::kRecentTangles);
    for (const auto& path : paths) {
        auto* entry = menu.addAction(QFileInfo(path).completeBaseName(), this, [this, path] {
            if (mayLeaveDocument()) openFile(path);
        });
        entry->setObjectName(QStringLiteral("recent ") + QFileInfo(path).fileName());
        entry->setToolTip(path);
    }
    menu.setToolTipsVisible(true);
    if (paths.isEmpty()) menu.addAction(tr("None yet"))->setEnabled(false);
}

void MainWindow::addEditCommands()
{
    constexpr auto kIn = Commands::Edit;
    auto& history = m_studio.document().history();
    auto* undo =
        m_commands.add(kIn, "undo", tr("Undo"), QKeySequence::Undo, [this] { stepBack(false); });
    auto* redo = m_commands.add(kIn, "redo", tr("Redo"), QKeySequence(tr("Ctrl+Shift+Z")),
                                [this] { stepBack(true); });
    redo->setShortcuts({QKeySequence(tr("Ctrl+Shift+Z")), QKeySequence(tr("Ctrl+Y"))});
    const auto follow = [this, undo, redo] {
        const auto& steps = m_studio.document().history();
        undo->setEnabled(steps.canUndo());
        redo->setEnabled(steps.canRedo());
        undo->setText(steps.canUndo() ? tr("Undo: %1").arg(steps.undoText()) : tr("Undo"));
        redo->setText(steps.canRedo() ? tr("Redo: %1").arg(steps.redoText()) : tr("Redo"));
    };
    connect(&history, &QUndoStack::indexChanged, this, follow);
    connect(&history, &QUndoStack::cleanChanged, this, follow);
    follow();
    m_commands.addLine(kIn);
    m_commands.add(kIn, "copy strand", tr("Copy the strand"), QKeySequence::Copy, [this] {
        const auto& selected = m_studio.selection().selected();
        const auto strands =
            selected ? m_studio.stance().strandsFrom(*selected) : std::vector<const Strand*>{};
        if (strands.empty())
            return m_studio.messages().refuse(
                tr("Select a control that a strand begins at first."));
        m_studio.weaver().copy(*strands.front());
        m_studio.messages().note(tr("%1 is copied. Select another control and paste it there.")
                                     .arg(toQt(strands.front()->name)));
    });
    m_commands.add(kIn, "paste strand", tr("Paste the strand"), QKeySequence::Paste,
                   [this] { m_studio.weaver().paste(); });
    m_commands.add(kIn, "lead on", tr("Lead to the next free place"),
                   QKeySequence(tr("Ctrl+Return")), [this] {
                       if (!m_studio.selection().selected())
                           return m_studio.messages().refuse(tr("Touch or find a control first."));
                       m_studio.weaver().leadToNextFree();
                   });
    m_commands.add(kIn, "silence control", tr("Silence the control here"), {},
                   [this] { m_studio.weaver().silence(); });
    m_commands.addLine(kIn);
    m_commands.add(kIn, "find all", tr("Find…"), QKeySequence(tr("Ctrl+K")), [this] { find(); });
    m_commands.add(kIn, "open settings", tr("Settings…"), QKeySequence(tr("Ctrl+,")),
                   [this] { showSettings(); });
}

void MainWindow::stepBack(bool isRedo)
{
    auto& history = m_studio.document().history();
    const auto name = isRedo ? history.redoText() : history.undoText();
    if (isRedo) {
        history.redo();
        m_studio.messages().note(tr("Done again: %1").arg(name));
    } else {
        history.undo();
        m_studio.messages().note(tr("Undone: %1").arg(name));
    }
}

void MainWindow::addViewCommands()
{
    constexpr auto kIn = Commands::View;
    const auto infos = pageInfos();
    for (int page = 0; page < static_cast<int>(infos.size()); ++page) {
        const auto& info = infos[static_cast<std::size_t>(page)];
        m_commands.add(kIn, info.id, info.word, QKeySequence(tr("Ctrl+%1").arg(page + 1)),
                       [this, page] { showPage(static_cast<Rail::Page>(page)); });
    }
    m_commands.add(kIn, "show library", tr("Craft library"), QKeySequence(tr("Ctrl+6")),
                   [this] { showCraftLibrary(); });
    m_commands.addLine(kIn);
    auto* follow =
        m_commands.addSwitch(kIn, "follow touch", tr("Follow touch"), QKeySequence(tr("Ctrl+T")),
                             m_studio.selection().isFollowing(),
                             [this](bool isOn) { m_studio.selection().setFollowing(isOn); });
    connect(&m_studio.selection(), &Selection::followingChanged, follow, &QAction::setChecked);
    m_commands.addSwitch(kIn, "all strands", tr("Show all strands"), QKeySequence(tr("Ctrl+H")),
                         false, [this](bool isOn) { m_weave->setShowsAllThreads(isOn); });
    m_commands.addSwitch(kIn, "light colours", tr("Light colours"), {}, isLight(),
                         [this](bool isOn) { useColours(isOn); });
    m_commands.addLine(kIn);
    m_commands.add(kIn, "next area", tr("To the next part of the page"), QKeySequence(tr("F6")),
                   [this] { moveFocus(false); });
    m_commands.add(kIn, "part before", tr("To the part of the page before"),
                   QKeySequence(tr("Shift+F6")), [this] { moveFocus(true); });
    m_commands.addLine(kIn);
    addOutOfWindow();
    m_commands.add(kIn, "what was said", tr("What was said…"), QKeySequence(tr("Ctrl+J")),
                   [this] { openSaid(m_studio.messages(), this); });
}

/// What tells of layers outside the window: a strip above the sim, and a voice. Both are off at
/// first.
void MainWindow::addOutOfWindow()
{
    constexpr auto kIn = Commands::View;
    auto* strip = m_commands.addSwitch(kIn, "strip shown", tr("Strip above the sim"), {}, false,
                                       [this](bool isOn) {
                                           if (!isOn) m_strip.setPlacing(false);
                                           m_strip.setVisible(isOn);
                                           m_settings.set(settings::kStripShown, isOn);
                                       });
    auto* place = m_commands.add(kIn, "strip placing", tr("Move the strip…"), {},
                                 [this] { m_strip.setPlacing(true); });
    place->setEnabled(false);
    connect(strip, &QAction::toggled, place, &QAction::setEnabled);
    connect(&m_strip, &LayerStrip::placed, this,
            [this](QPoint at) { m_settings.set(settings::kStripPlace, at); });
    auto* speaks = m_commands.addSwitch(kIn, "speak layers", tr("Speak layers as they change"), {},
                                        false, [this](bool isOn) {
                                            m_speaker.setOn(isOn);
                                            m_settings.set(settings::kSpeaksLayers, isOn);
                                        });
    speaks->setEnabled(m_speaker.isThere());
    if (!m_speaker.isThere())
        speaks->setText(tr("Speak layers as they change (install speech-dispatcher)"));
    connect(m_settingsPage, &SettingsPage::speakingChosen, speaks, &QAction::setChecked);
    connect(&m_speaker, &Speaker::failed, this, [this, speaks](const QString& sentence) {
        speaks->setChecked(false);
        m_studio.messages().refuse(sentence);
    });
    connect(&m_studio.stance(), &Stance::engagedBy, this,
            [this](const QString& layer, bool isEngaged) {
                m_speaker.speak(isEngaged ? layer : tr("%1 off").arg(layer));
            });
}

void MainWindow::addFlyCommands()
{
    constexpr auto kIn = Commands::Fly;
    auto* live = m_commands.add(kIn, "go live", tr("Go live"), QKeySequence(tr("Ctrl+L")),
                                [this] { toggleLive(); });
    live->setData(tr("go live stand down"));  // it is found by either
    connect(&m_studio.edits(), &Edits::settled, live, [this, live] {
        live->setText(m_studio.session().isLive() ? tr("Stand down") : tr("Go live"));
    });
    m_commands.add(kIn, "open preflight", tr("Preflight…"), QKeySequence(tr("Ctrl+P")), [this] {
        m_status->findChild<QPushButton*>(QStringLiteral("preflight"))->click();
    });
    auto* craft = m_commands.of(kIn).addMenu(tr("Craft"));
    connect(craft, &QMenu::aboutToShow, this, [this, craft] {
        craft->clear();
        addCraft(*craft, m_studio.edits());
    });
    m_commands.addLine(kIn);
    m_commands.add(kIn, "keep recording", tr("Keep the last minutes"), QKeySequence(tr("Ctrl+R")),
                   [this] {
                       showPage(Rail::Bench);
                       m_bench->keepRecording();
                   });
    auto* pretend =
        m_commands.addSwitch(kIn, "pretend rig", tr("Pretend rig"), {},
                             m_settings.get(settings::kWorld) != settings::kWorld.atFirst, {});
    connect(pretend, &QAction::triggered, this, &MainWindow::pretendRigWanted);
    connect(this, &MainWindow::pretendRigWanted, pretend, &QAction::setChecked);
}

void MainWindow::addHelpCommands()
{
    constexpr auto kIn = Commands::Help;
    m_commands.add(kIn, "key sheet", tr("Keys…"), QKeySequence::HelpContents,
                   [this] { openKeySheet(m_commands, this); });
    m_commands.add(kIn, "about page", tr("What is this page?"), QKeySequence(tr("Shift+F1")),
                   [this] { openAboutPage(m_page, this); });
    m_commands.add(kIn, "first steps", tr("First steps"), {}, [this] { m_firstSteps.begin(); });
    m_commands.addLine(kIn);
    m_commands.add(kIn, "about", tr("About Jolly Tangle"), {}, [this] { openAbout(this); });
}

/// From the rail to the page's columns and on.
void MainWindow::moveFocus(bool isBack)
{
    std::vector<QWidget*> parts{m_top, m_rail};
    for (auto* part : m_pages->currentWidget()->findChildren<QWidget*>())
        if (part->property("part").toBool() && part->isVisible()) parts.push_back(part);
    parts.push_back(m_status);
    const auto* focus = QApplication::focusWidget();
    std::size_t at = 0;
    for (std::size_t i = 0; i < parts.size(); ++i)
        if (focus && parts[i]->isAncestorOf(focus)) at = i;
    for (std::size_t step = 1; step <= parts.size(); ++step) {
        const auto next = (at + (isBack ? parts.size() - step : step)) % parts.size();
        const auto stops = stopsIn(*parts[next]);
        if (!stops.empty()) return stopAt(*stops.front(), Qt::TabFocusReason);
    }
}

/// Tab goes as one reads, whatever was built first.
bool MainWindow::focusNextPrevChild(bool isNext)
{
    const auto stops = stopsIn(*this);
    if (stops.empty()) return false;
    const auto now = std::ranges::find(stops, QApplication::focusWidget());
    const auto count = static_cast<std::ptrdiff_t>(stops.size());
    const auto at = now == stops.end() ? (isNext ? -1 : count) : now - stops.begin();
    const auto to = (at + (isNext ? 1 : count - 1)) % count;
    stopAt(*stops[static_cast<std::size_t>(to)],
           isNext ? Qt::TabFocusReason : Qt::BacktabFocusReason);
    return true;
}

void MainWindow::useColours(bool isLight)
{
    m_settings.set(settings::kColours, QString::fromLatin1(isLight ? "light" : "dark"));
    m_settingsPage->showColours(isLight);
    if (auto* command = findChild<QAction*>(QStringLiteral("light colours"))) {
        const QSignalBlocker quiet(command);
        command->setChecked(isLight);
    }
    Q_EMIT themeWanted(isLight);
}

void MainWindow::restore()
{
    restoreGeometry(m_settings.get(settings::kWindow));
    const auto* there = QGuiApplication::screenAt(geometry().center());
    if (!there) there = QGuiApplication::primaryScreen();
    if (there && !isMaximized() && !isFullScreen()) {  // its screen may be gone, or smaller
        const auto room = there->availableGeometry();
        resize(size().boundedTo(room.size()));
        if (!room.contains(frameGeometry())) move(room.center() - rect().center());
    }
    showPage(pageNamed(m_settings.get(settings::kPage)));
    m_studio.selection().setFollowing(m_settings.get(settings::kFollowsTouch));
    m_studio.selection().setTouchLoudness(loudnessOf(m_settings.get(settings::kTouch)));
    m_strip.move(m_settings.get(settings::kStripPlace));
    findChild<QAction*>(QStringLiteral("strip shown"))
        ->setChecked(m_settings.get(settings::kStripShown));
    findChild<QAction*>(QStringLiteral("speak layers"))
        ->setChecked(m_settings.get(settings::kSpeaksLayers) && m_speaker.isThere());
    connect(&m_studio.edits(), &Edits::settled, this, &MainWindow::restoreSelection);
    restoreSelection();
    if (!m_settings.trouble().isEmpty()) m_studio.messages().refuse(m_settings.trouble());
}

/// The control is selected once it is there, unless the pilot was quicker.
void MainWindow::restoreSelection()
{
    const auto parts = m_settings.get(settings::kSelected).split(QLatin1Char(' '));
    const auto code = parts.size() == 2 ? parseControlCode(parts[1].toStdString()) : std::nullopt;
    const bool isOver = m_studio.selection().selected() || m_studio.selection().touched() || !code;
    const Source ref{parts[0].toStdString(), code.value_or(ControlCode{})};
    if (!isOver && !m_studio.feed().controllerOf(ref)) return;
    disconnect(&m_studio.edits(), &Edits::settled, this, &MainWindow::restoreSelection);
    if (!isOver) m_studio.selection().select(ref);
}

void MainWindow::remember()
{
    m_settings.set(settings::kWindow, saveGeometry());
    m_settings.set(settings::kPage, QString::fromLatin1(pageInfos()[m_page].id));
    const auto& selected = m_studio.selection().selected();
    m_settings.set(
        settings::kSelected,
        selected ? toQt(selected->controller + " " + toText(selected->control)) : QString());
}

}  // namespace jolly::app
