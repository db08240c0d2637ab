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
#include "app/services/speaker.h"
#include "app/window/dialogs.h"
#include "app/window/finder.h"
#include "app/window/layer_strip.h"
#include "app/window/rail.h"
#include "app/window/status_bar.h"
#include "app/window/top_bar.h"

#include <QStackedWidget>
#include <QWidget>

class QAction;
class QMenu;

namespace jolly::app
{

/// The window: frame and pages, and what the menu and the keys do.
class MainWindow : public QWidget
{
    Q_OBJECT

 public:
    /// @param say  how layer changes are spoken, once that is switched on; empty where nothing
    /// speaks.
    MainWindow(Studio& studio, Dialogs& dialogs, Speaker::Say say = {});

    void showPage(Rail::Page page);
    void showCraftLibrary();
    [[nodiscard]] TopBar& topBar() { return *m_top; }
    [[nodiscard]] WeavePage& weavePage() { return *m_weave; }
    [[nodiscard]] ShapePage& shapePage() { return *m_shape; }
    [[nodiscard]] LayersPage& layersPage() { return *m_layers; }
    [[nodiscard]] BenchPage& benchPage() { return *m_bench; }
    [[nodiscard]] LayerStrip& strip() { return m_strip; }
    [[nodiscard]] Speaker& speaker() { return m_speaker; }
    [[nodiscard]] StatusBar& statusBar() { return *m_status; }

    /// Opens a file, or tells why not.
    void openFile(const QString& path);

    /// Tells that edits of a file are kept that were not saved.
    void offerDraft(const QString& path, const QDateTime& when);

 Q_SIGNALS:
    void pretendRigWanted();
    void themeWanted(bool isLight);

 protected:
    void closeEvent(QCloseEvent* event) override;
    void showEvent(QShowEvent* event) override;

 private:
    void buildMenu();
    void buildKeys();
    void addOutOfWindow(QMenu& menu);
    QAction* add(QMenu& menu, const QString& words, const QKeySequence& keys,
                 const std::function<void()>& deed);
    void showCounts();
    void toggleLive();
    void removeDevice(const std::string& device);
    void chooseSheetFile();
    void choosePicture(const std::string& craft);
    void chooseRecording();
    void saveReport();
    void askForPermission();
    void followPermission();
    void find();
    void addControls(std::vector<Found>& all);
    void addCommands(std::vector<Found>& all);
    void begin();
    void open();
    bool save();
    bool saveAs();
    bool mayLeaveDocument();
    bool mayReplaceFile();

    Studio& m_studio;
    Dialogs& m_dialogs;
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
    LayerStrip m_strip;
    Speaker m_speaker;
    Rail::Page m_page = Rail::Rig;
    bool m_isPermissionDismissed = false;
};

}  // namespace jolly::app
