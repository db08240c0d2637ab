// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/studio.h"
#include "app/pages/bench_page.h"
#include "app/pages/craft_page.h"
#include "app/pages/layers_page.h"
#include "app/pages/rig_page.h"
#include "app/pages/shape_page.h"
#include "app/pages/weave_page.h"
#include "app/preflight/permission_page.h"
#include "app/services/autostart.h"
#include "app/services/other_windows.h"
#include "app/services/settings.h"
#include "app/services/speaker.h"
#include "app/window/commands.h"
#include "app/window/dialogs.h"
#include "app/window/first_steps.h"
#include "app/window/layer_strip.h"
#include "app/window/rail.h"
#include "app/window/settings_page.h"
#include "app/window/status_bar.h"
#include "app/window/toast.h"
#include "app/window/top_bar.h"

#include <QStackedWidget>
#include <QWidget>

namespace jolly::app
{

/// The window: frame and pages, and what the menu and the keys do.
class MainWindow : public QWidget
{
    Q_OBJECT

 public:
    /// @param say  how layer changes are spoken, once that is switched on; empty where nothing
    /// speaks.
    MainWindow(Studio& studio, Dialogs& dialogs, Settings& settings, Speaker::Say say = {});
    ~MainWindow() override;

    void showPage(Rail::Page page);
    /// "weave" and so on; the first page when none is called so.
    [[nodiscard]] static Rail::Page pageNamed(const QString& name);
    void showCraftLibrary();
    void showSettings();

    /// Is as it was left: page, place, selection, and what is switched on.
    void restore();

    /// Opens the tangle that was open last. @return whether there was one.
    bool openLast();

    /// Shows the way from the first touch to the first flight.
    void beginFirstSteps() { m_firstSteps.begin(); }

    void toggleLive();
    [[nodiscard]] Rail::Page page() const { return m_page; }
    [[nodiscard]] Commands& commands() { return m_commands; }
    [[nodiscard]] FirstSteps& firstSteps() { return m_firstSteps; }
    [[nodiscard]] TopBar& topBar() { return *m_top; }
    [[nodiscard]] WeavePage& weavePage() { return *m_weave; }
    [[nodiscard]] ShapePage& shapePage() { return *m_shape; }
    [[nodiscard]] LayersPage& layersPage() { return *m_layers; }
    [[nodiscard]] BenchPage& benchPage() { return *m_bench; }
    [[nodiscard]] LayerStrip& strip() { return m_strip; }
    [[nodiscard]] Speaker& speaker() { return m_speaker; }
    [[nodiscard]] StatusBar& statusBar() { return *m_status; }
    /// Opens a file, or tells why not and offers the kept copies. @return whether it is open.
    bool openFile(const QString& path);

    /// Tells that edits of a file are kept that were not saved.
    void offerDraft(const QString& path, const QDateTime& when);

 Q_SIGNALS:
    /// Controllers are to come from the pretend rig, or again from the kernel.
    void pretendRigWanted(bool isWanted);
    void themeWanted(bool isLight);

 protected:
    void closeEvent(QCloseEvent* event) override;
    void showEvent(QShowEvent* event) override;
    void dragEnterEvent(QDragEnterEvent* event) override;
    void dropEvent(QDropEvent* event) override;
    bool focusNextPrevChild(bool isNext) override;

 private:
    void wirePages();
    void buildCommands();
    void addFileCommands();
    void addEditCommands();
    void addViewCommands();
    void addOutOfWindow();
    void addFlyCommands();
    void addHelpCommands();
    void fillRecent(QMenu& menu);
    void stepBack(bool isRedo);
    void moveFocus(bool isBack);
    void useColours(bool isLight);
    void restoreSelection();
    void remember();
    void showCounts();
    void removeDevice(const std::string& device);
    void chooseSheetFile();
    void choosePicture(const std::string& craft);
    void chooseRecording();
    void saveReport();
    void askForPermission();
    void followPermission();
    void find();
    void begin();
    void open();
    bool save();
    bool saveAs();
    bool mayLeaveDocument();
    bool mayReplaceFile();
    bool putTheirsAside(const std::string& theirs);
    bool saveOnTheWayOut();
    bool openCopyOf(const QString& path, const Failure& why);
    bool hasSaved(const Fallible& done);
    [[nodiscard]] QString freshFile() const;
    void openDropped(const QString& path);

    Studio& m_studio;
    Dialogs& m_dialogs;
    Settings& m_settings;
    TopBar* m_top;
    Rail* m_rail;
    StatusBar* m_status;
    QStackedWidget* m_pages;
    AxisWatch* m_watch;  ///< before the pages: it knows of moves before they ask
    RigPage* m_rig;
    WeavePage* m_weave;
    ShapePage* m_shape;
    LayersPage* m_layers;
    BenchPage* m_bench;
    CraftPage* m_craft;
    PermissionPage* m_permission;
    SettingsPage* m_settingsPage;
    LayerStrip m_strip;
    Speaker m_speaker;
    OtherWindows m_windows;
    Commands m_commands;
    FirstSteps m_firstSteps;
    Rail::Page m_page = Rail::Rig;
    bool m_isPermissionDismissed = false, m_isPermissionAsked = false;
};

}  // namespace jolly::app
