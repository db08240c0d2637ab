// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/studio.h"
#include "app/window/main_window.h"

#include <QCoreApplication>
#include <QMenu>
#include <QSystemTrayIcon>

namespace jolly::app
{

/// What is there of the program beside its window: an icon in the desktop's tray where there is
/// one, with going live, the craft and standing down; and a notification of the desktop when
/// something goes wrong while the pilot looks elsewhere.
class Tray : public QObject
{
    Q_DECLARE_TR_FUNCTIONS(jolly::app::Tray)

 public:
    using Notify = std::function<void(const QString& title, const QString& words)>;

    /// @param notify  how the desktop is told.
    Tray(Studio& studio, MainWindow& window, Notify notify = &Tray::tellDesktop);

    [[nodiscard]] static bool isThere() { return QSystemTrayIcon::isSystemTrayAvailable(); }
    [[nodiscard]] QMenu& menu() { return m_menu; }

    /// What the icon says under the pointer.
    [[nodiscard]] QString words() const { return m_icon.toolTip(); }

 private:
    static void tellDesktop(const QString& title, const QString& words);
    void fill();
    void showState();
    void showWindow();
    void follow(const Saying& saying);
    void followNotices();
    void tell(const QString& words);

    Studio& m_studio;
    MainWindow& m_window;
    Notify m_notify;
    QMenu m_menu;
    QSystemTrayIcon m_icon;
    std::vector<QString> m_told;  ///< ids of notices
};

}  // namespace jolly::app
