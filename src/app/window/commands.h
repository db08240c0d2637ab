// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QAction>
#include <QMenu>
#include <QWidget>
#include <array>
#include <functional>
#include <vector>

namespace jolly::app
{

/// What the window can be told to do: in menus behind one button, by keys, and in the finder. Alt
/// opens the menus, as Alt and the marked letter opens one of them.
class Commands : public QObject
{
 public:
    enum Menu { File, Edit, View, Fly, Help };
    static constexpr int kMenus = 5;

    /// @param button  beneath which menus open that are asked for by a key.
    Commands(QWidget& window, const QWidget& button);

    /// @param id  the entry's objectName.
    QAction* add(Menu menu, const char* id, const QString& words, const QKeySequence& keys,
                 const std::function<void()>& deed);

    /// Something that is on or off.
    QAction* addSwitch(Menu menu, const char* id, const QString& words, const QKeySequence& keys,
                       bool isOn, const std::function<void(bool)>& deed);

    void addLine(Menu menu) { of(menu).addSeparator(); }
    [[nodiscard]] QMenu& of(Menu menu) { return *m_menus[menu]; }
    [[nodiscard]] QMenu& whole() { return *m_whole; }
    [[nodiscard]] const std::vector<QAction*>& actions(Menu menu) const { return m_actions[menu]; }

    /// "File" and so on, without its mark.
    [[nodiscard]] static QString nameOf(Menu menu);

    void open();

 protected:
    bool eventFilter(QObject* watched, QEvent* event) override;

 private:
    void openAtButton(QMenu& menu);

    QWidget& m_window;
    const QWidget& m_button;
    QMenu* m_whole;
    std::array<QMenu*, kMenus> m_menus{};
    std::array<std::vector<QAction*>, kMenus> m_actions;
    bool m_isAltAlone = false;
};

}  // namespace jolly::app
