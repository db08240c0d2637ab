// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/window/top_bar.h"
#include "app/style/qt_text.h"

#include "app/layers/layer_lamps.h"
#include "app/style/elided_label.h"
#include "app/style/mark.h"
#include "app/style/palette.h"
#include "app/style/theme.h"

#include <QFileInfo>
#include <QHBoxLayout>
#include <QPainter>
#include <QTime>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>

namespace jolly::app
{

TopBar::TopBar(Edits& edits, LiveFeed& feed, QWidget* parent)
    : QWidget(parent),
      m_edits(edits),
      m_feed(feed),
      m_menu(new QToolButton(this)),
      m_title(new ElidedLabel(this)),
      m_file(new ElidedLabel(this)),
      m_craft(new CraftChooser(edits, this)),
      m_layers(new QLabel(tr("Layers"), this)),
      m_delay(new ValueLabel(this)),
      m_rate(new ValueLabel(this)),
      m_live(new LiveSwitch(this))
{
    setFixedHeight(51);
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(10, 4, 16, 5);
    row->setSpacing(10);
    m_menu->setObjectName(QStringLiteral("menu"));
    m_menu->setAccessibleName(tr("Menu"));
    m_menu->setToolTip(tr("Everything that can be done (Alt or F10)"));
    m_menu->setIcon(markIcon(jolly::app::palette().straw));
    m_menu->setIconSize({32, 32});
    m_menu->setAutoRaise(true);
    m_menu->setPopupMode(QToolButton::InstantPopup);
    setTone(*m_menu, "plain");
    auto* words = new QVBoxLayout;
    words->setSpacing(0);
    m_title->setFont(textFont(TextSize::Normal, true));
    m_title->setObjectName(QStringLiteral("tangle name"));
    setTone(*m_title, "title");
    m_file->setFont(textFont(TextSize::Small));
    m_file->setObjectName(QStringLiteral("file state"));
    setTone(*m_file, "dim");
    words->addWidget(m_title);
    words->addWidget(m_file);
    m_layers->setFont(textFont(TextSize::Small));
    setTone(*m_layers, "dim");
    auto* figures = new QVBoxLayout;
    figures->setSpacing(0);
    m_delay->setFont(textFont(TextSize::Small, true));
    m_delay->setMinimumWidth(92);
    m_rate->setFont(textFont(TextSize::Small));
    m_rate->setColour(&Palette::dim);
    figures->addWidget(m_delay);
    figures->addWidget(m_rate);
    row->addWidget(m_menu);
    row->addLayout(words);
    row->addSpacing(10);
    row->addWidget(m_craft);
    row->addSpacing(4);
    row->addWidget(m_layers);
    row->addWidget(new LayerLamps(edits, this), 1);
    row->addLayout(figures);
    row->addWidget(m_live);
    connect(&edits, &Edits::settled, this, &TopBar::showTitle);
    connect(&edits.document(), &Document::fileChanged, this, &TopBar::showTitle);
    connect(&edits, &Edits::settled, this, &TopBar::showStatus);
    connect(&feed, &LiveFeed::moved, this, &TopBar::showRate);
    connect(&m_second, &QTimer::timeout, this, &TopBar::showRate);
    connect(&m_second, &QTimer::timeout, this, &TopBar::showDelay);
    m_second.start(1000);
    showTitle();
    showStatus();
    showDelay();
}

void TopBar::showTitle()
{
    const auto& document = m_edits.document();
    const QFileInfo file(document.path());
    m_title->setText(toQt(document.tangle().name));
    const auto state = document.hasChanges() ? tr("changed, not saved") : tr("saved");
    m_file->setText(document.path().isEmpty() ? tr("not saved yet")
                                              : file.fileName() + QStringLiteral(" · ") + state);
}

void TopBar::setClock(std::function<QTime()> clock)
{
    m_clock = std::move(clock);
    showStatus();
}

void TopBar::showStatus()
{
    const auto& session = m_feed.session();
    const auto ago = m_feed.now() - session.status().liveSince;
    const auto since = m_clock().addMSecs(
        -static_cast<int>(std::chrono::duration_cast<std::chrono::milliseconds>(ago).count()));
    m_live->setLive(session.isLive(), since.toString(QStringLiteral("HH:mm")));
    m_live->setPossible(session.isAttached());
    showDelay();
}

void TopBar::showRate()
{
    constexpr Time kSecond = std::chrono::seconds(1);
    const auto ago = m_feed.now() - m_lastRate;
    if (ago < kSecond) return;
    const auto count = m_feed.values().events;
    const double events = static_cast<double>(count - std::min(count, m_lastEvents));
    m_lastRate = m_feed.now();
    m_lastEvents = count;
    m_rate->setText(m_feed.session().isAttached()
                        ? tr("%1 events/s").arg(std::lround(events / inSeconds(ago)))
                        : QString());
}

void TopBar::showDelay()
{
    const auto& values = m_feed.values();
    const bool isAttached = m_feed.session().isAttached();
    const auto micro = std::chrono::duration_cast<std::chrono::microseconds>(values.delay).count();
    m_delay->setText(!isAttached
                         ? tr("no engine yet")
                         : (m_feed.session().isLive() ? tr("adds %1 µs").arg(micro) : tr("idle")));
}

/// A narrow window leaves its room to the lamps.
void TopBar::resizeEvent(QResizeEvent*)
{
    constexpr int kNarrow = 1060;
    const bool isNarrow = width() < kNarrow;
    m_craft->setFixedWidth(isNarrow ? 150 : 196);
    m_live->setFixedWidth(isNarrow ? 152 : 178);
    m_layers->setVisible(!isNarrow);
    m_file->setMaximumWidth(isNarrow ? 150 : QWIDGETSIZE_MAX);
    m_title->setMaximumWidth(isNarrow ? 150 : QWIDGETSIZE_MAX);
}

void TopBar::paintEvent(QPaintEvent*)
{
    QPainter painter(this);
    painter.fillRect(rect(), jolly::app::palette().bar);
    painter.setPen(jolly::app::palette().line);
    painter.drawLine(0, height() - 1, width(), height() - 1);
}

}  // namespace jolly::app
