// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/edits.h"
#include "app/models/live_feed.h"
#include "app/style/value_text.h"
#include "app/window/craft_chooser.h"
#include "app/window/live_switch.h"

#include <QLabel>
#include <QTime>
#include <QToolButton>
#include <QWidget>
#include <functional>

namespace jolly::app
{

/// The tangle's name and save state, the craft, the layers' lamps, what the engine adds in delay,
/// the live switch.
class TopBar : public QWidget
{
    Q_OBJECT

 public:
    explicit TopBar(Edits& edits, LiveFeed& feed, QWidget* parent = nullptr);

    [[nodiscard]] QToolButton& menuButton() { return *m_menu; }
    /// Where the time of day comes from; the system's clock by itself.
    void setClock(std::function<QTime()> clock);

    [[nodiscard]] CraftChooser& craftChooser() { return *m_craft; }
    [[nodiscard]] LiveSwitch& liveSwitch() { return *m_live; }

 protected:
    void paintEvent(QPaintEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;

 private:
    void showTitle();
    void showStatus();
    void showRate();
    void showDelay();

    Edits& m_edits;
    LiveFeed& m_feed;
    QToolButton* m_menu;
    QLabel* m_title;
    QLabel* m_file;
    CraftChooser* m_craft;
    QLabel* m_layers;
    ValueLabel* m_delay;
    ValueLabel* m_rate;
    LiveSwitch* m_live;
    QTimer m_second;
    std::function<QTime()> m_clock = &QTime::currentTime;
    std::uint64_t m_lastEvents = 0;
    Time m_lastRate{};
};

}  // namespace jolly::app
