// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/window/tray.h"

#include "app/style/mark.h"
#include "app/style/palette.h"
#include "app/window/craft_menu.h"
#include "control/desktop_notice.h"

#include <QApplication>
#include <algorithm>

namespace jolly::app
{

Tray::Tray(Studio& studio, MainWindow& window, Notify notify)
    : m_studio(studio), m_window(window), m_notify(std::move(notify))
{
    m_menu.setObjectName(QStringLiteral("tray menu"));
    m_icon.setContextMenu(&m_menu);
    connect(&m_menu, &QMenu::aboutToShow, this, &Tray::fill);
    connect(&m_icon, &QSystemTrayIcon::activated, this, [this](auto reason) {
        if (reason == QSystemTrayIcon::Trigger) showWindow();
    });
    connect(&studio.edits(), &Edits::settled, this, &Tray::showState);
    connect(&studio.messages(), &Messages::said, this, &Tray::follow);
    connect(&studio.messages(), &Messages::noticesChanged, this, &Tray::followNotices);
    fill();
    showState();
    if (isThere()) m_icon.show();
}

void Tray::showState()
{
    const bool isLive = m_studio.session().isLive();
    const auto& p = jolly::app::palette();
    m_icon.setIcon(markIcon(isLive ? p.straw : p.slate));
    m_icon.setToolTip(isLive ? tr("Jolly Tangle: live, %1").arg(m_studio.stance().craftName())
                             : tr("Jolly Tangle: idle"));
}

void Tray::fill()
{
    m_menu.clear();
    m_menu.addAction(tr("Show the window"), this, &Tray::showWindow)
        ->setObjectName(QStringLiteral("tray show"));
    m_menu
        .addAction(m_studio.session().isLive() ? tr("Stand down") : tr("Go live"), &m_window,
                   &MainWindow::toggleLive)
        ->setObjectName(QStringLiteral("tray live"));
    auto* craft = m_menu.addMenu(tr("Craft"));
    addCraft(*craft, m_studio.edits());
    m_menu.addSeparator();
    m_menu.addAction(tr("End Jolly Tangle"), this, [this] {
        if (m_window.close()) QApplication::quit();
    });
}

void Tray::showWindow()
{
    m_window.setWindowState(m_window.windowState() & ~Qt::WindowMinimized);
    m_window.show();
    m_window.raise();
    m_window.activateWindow();
}

void Tray::tellDesktop(const QString& title, const QString& words)
{
    static_cast<void>(notifyDesktop(title.toStdString(), words.toStdString()));
}

void Tray::tell(const QString& words)
{
    if (m_window.isVisible() && !m_window.isMinimized() && m_window.isActiveWindow()) return;
    m_notify(tr("Jolly Tangle"), words);
}

void Tray::follow(const Saying& saying)
{
    if (saying.tone == Saying::Tone::Bad) tell(saying.sentence);
}

/// A notice is told once, when it comes.
void Tray::followNotices()
{
    std::vector<QString> now;
    for (const auto& notice : m_studio.messages().notices()) {
        if (std::ranges::find(m_told, notice.id) == m_told.end() && notice.isTrouble)
            tell(notice.sentence);
        now.push_back(notice.id);
    }
    m_told = std::move(now);
}

}  // namespace jolly::app
