// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/window/commands.h"

#include <QApplication>
#include <QKeyEvent>
#include <QShortcut>
#include <QWindow>

namespace jolly::app
{

namespace
{

/// With the letter marked that opens it.
QString titleOf(Commands::Menu menu)
{
    switch (menu) {
        case Commands::File:
            return QObject::tr("&File");
        case Commands::Edit:
            return QObject::tr("&Edit");
        case Commands::View:
            return QObject::tr("&View");
        case Commands::Fly:
            return QObject::tr("F&ly");
        case Commands::Help:
            return QObject::tr("&Help");
    }
    return {};
}

}  // namespace

Commands::Commands(QWidget& window, const QWidget& button)
    : QObject(&window), m_window(window), m_button(button), m_whole(new QMenu(&window))
{
    m_whole->setObjectName(QStringLiteral("main menu"));
    for (int place = 0; place < kMenus; ++place) {
        const auto title = titleOf(static_cast<Menu>(place));
        auto* menu = m_whole->addMenu(title);
        menu->setObjectName(QStringLiteral("menu ") + QString::number(place));
        m_menus[static_cast<std::size_t>(place)] = menu;
        auto* keys = new QShortcut(QKeySequence::mnemonic(title), &window);
        connect(keys, &QShortcut::activated, this, [this, menu] { openAtButton(*menu); });
    }
    qApp->installEventFilter(this);
}

QString Commands::nameOf(Menu menu)
{
    return titleOf(menu).remove(QLatin1Char('&'));
}

QAction* Commands::add(Menu menu, const char* id, const QString& words, const QKeySequence& keys,
                       const std::function<void()>& deed)
{
    auto* entry = of(menu).addAction(words);
    entry->setObjectName(QLatin1String(id));
    entry->setShortcut(keys);
    entry->setShortcutContext(Qt::WindowShortcut);
    if (deed) connect(entry, &QAction::triggered, this, deed);
    m_window.addAction(entry);
    m_actions[menu].push_back(entry);
    return entry;
}

QAction* Commands::addSwitch(Menu menu, const char* id, const QString& words,
                             const QKeySequence& keys, bool isOn,
                             const std::function<void(bool)>& deed)
{
    auto* entry = add(menu, id, words, keys, {});
    entry->setCheckable(true);
    entry->setChecked(isOn);
    if (deed) connect(entry, &QAction::toggled, this, deed);
    return entry;
}

void Commands::open()
{
    openAtButton(*m_whole);
}

void Commands::openAtButton(QMenu& menu)
{
    menu.popup(m_button.mapToGlobal(QPoint(0, m_button.height())));
    if (!menu.actions().isEmpty()) menu.setActiveAction(menu.actions().front());
}

/// Alt by itself, pressed and let go in the window, opens the menus.
bool Commands::eventFilter(QObject* watched, QEvent* event)
{
    const auto* widget = qobject_cast<QWidget*>(watched);
    const bool isHere = widget ? widget->window() == &m_window
                               : watched == static_cast<QObject*>(m_window.windowHandle());
    if (!isHere) return false;
    const bool isKey = event->type() == QEvent::KeyPress || event->type() == QEvent::KeyRelease ||
                       event->type() == QEvent::ShortcutOverride;
    if (event->type() == QEvent::MouseButtonPress) m_isAltAlone = false;
    if (!isKey) return false;
    const auto& key = *static_cast<QKeyEvent*>(event);
    const bool isAlt = key.key() == Qt::Key_Alt && !(key.modifiers() & ~Qt::AltModifier);
    const bool isLetGo = event->type() == QEvent::KeyRelease && isAlt;
    if (isLetGo && m_isAltAlone) open();
    m_isAltAlone = isAlt && !isLetGo;
    return QObject::eventFilter(watched, event);
}

}  // namespace jolly::app
