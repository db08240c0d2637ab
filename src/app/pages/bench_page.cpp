// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/pages/bench_page.h"

#include "app/pages/column_plan.h"
#include "app/style/theme.h"

#include <QHBoxLayout>
#include <QKeyEvent>
#include <QVBoxLayout>

namespace jolly::app
{

BenchPage::BenchPage(Studio& studio, QWidget* parent)
    : QWidget(parent),
      m_studio(studio),
      m_hand(studio.edits(), studio.feed()),
      m_learning(studio.edits(), studio.feed()),
      m_log(studio.edits(), studio.feed()),
      m_game(new GameCard(studio.edits(), studio.feed(), m_hand)),
      m_learn(new LearnCard(studio.edits(), studio.selection(), m_learning)),
      m_walk(new WalkCard(studio.edits(), studio.feed())),
      m_chart(new ChartCard(studio.edits(), studio.selection())),
      m_delay(new DelayCard(studio.feed())),
      m_story(new StoryCard(m_log)),
      m_recorder(new RecorderCard(studio.edits(), m_log))
{
    setObjectName(QStringLiteral("bench"));
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(12, 12, 12, 10);
    row->setSpacing(kGap);
    auto* left = new QVBoxLayout;
    left->setContentsMargins(0, 0, 0, 0);
    left->setSpacing(kGap);
    auto* seen = new ScrollColumn("bench left", kGap);
    seen->column().addWidget(m_game);
    seen->column().addStretch();
    left->addWidget(seen, 1);
    left->addWidget(m_learn);
    left->addWidget(m_walk);
    m_walk->hide();
    auto* right = new ScrollColumn("bench right", kGap);
    m_chart->setMinimumHeight(150);
    m_delay->setMinimumHeight(210);
    m_recorder->setMinimumHeight(150);
    auto* middle = new QHBoxLayout;
    middle->setSpacing(kGap);
    m_delay->setMinimumWidth(200);
    middle->addWidget(m_delay, 2);
    middle->addWidget(m_story, 3);
    right->column().addWidget(m_chart, 4);
    right->column().addLayout(middle, 4);
    right->column().addWidget(m_recorder, 4);
    m_left = new QWidget;
    m_left->setLayout(left);
    m_left->setProperty("part", true);  // for F6
    right->setProperty("part", true);
    row->addWidget(m_left);
    row->addWidget(right, 1);
    m_frame.setInterval(kFrameMs);
    m_look.setInterval(kLookMs);
    m_figures.setInterval(kFiguresMs);
    connect(&m_frame, &QTimer::timeout, this, &BenchPage::showFrame);
    connect(&m_figures, &QTimer::timeout, m_delay, &DelayCard::showValues);
    connect(&m_look, &QTimer::timeout, this, &BenchPage::look);
    connect(&studio.edits(), &Edits::settled, this, &BenchPage::rebuild);
    connect(&studio.selection(), &Selection::selectionChanged, this, &BenchPage::showSelection);
    connect(m_recorder, &RecorderCard::openWanted, this, &BenchPage::recordingWanted);
    connect(m_game, &GameCard::deviceChosen, &m_learning, &Learning::setDevice);
    connect(m_game, &GameCard::chosen, this, [this](const Target& place) {
        m_game->mark(place);
        const auto& lessons = m_learning.lessons();
        for (std::size_t i = 0; i < lessons.size(); ++i) {
            if (lessons[i].places == std::vector{place}) m_learning.choose(i);
        }
    });
    connect(m_learn, &LearnCard::walkWanted, this, [this] {
        m_learning.end();
        m_learn->hide();
        m_walk->show();
        m_walk->begin();
    });
    connect(m_walk, &WalkCard::ended, this, [this] {
        m_walk->hide();
        m_learn->show();
    });
    connect(m_walk, &WalkCard::reportWanted, this, &BenchPage::reportWanted);
    m_game->why().setSource([this] { return m_log.isOfFile() ? m_log.shared() : nullptr; });
    connect(&m_log, &FlightLog::momentChanged, this,
            [this] { m_game->why().setMoment(m_log.moment()); });
    m_learning.setDevice(m_game->device());
}

void BenchPage::rebuild()
{
    if (!isVisible()) return;  // showEvent() makes up for it
    m_game->rebuild();
    m_learning.rebuild();
    showSelection();
}

/// The row that the selected control leads to.
void BenchPage::showSelection()
{
    const auto& selected = m_studio.selection().selected();
    if (!isVisible() || !selected) return;
    for (const auto* strand : m_studio.stance().strandsFrom(*selected)) {
        if (!m_studio.stance().acts(*strand)) continue;
        for (const auto& end : strand->ends) {
            if (const auto* place = targetOf(end)) return m_game->mark(*place);
        }
    }
}

/// Asks that the virtual devices are read back, for as long as somebody looks.
void BenchPage::look()
{
    if (m_studio.session().isLive())
        m_studio.session().ask([](EngineLink& link) { return link.lookAsGame(); });
}

void BenchPage::showValues()
{
    if (!isVisible()) return;
    showFrame();
    m_delay->showValues();
}

void BenchPage::showFrame()
{
    m_game->showValues();
    m_chart->drawSoon();
    m_walk->showState();
}

void BenchPage::resizeEvent(QResizeEvent*)
{
    m_left->setFixedWidth(sideWidth(width(), 390, 420, 600));
}

void BenchPage::showEvent(QShowEvent*)
{
    m_frame.start();
    m_figures.start();
    m_look.start();
    look();
    m_log.setWatched(true);
    rebuild();
}

/// What is held by hand stays so, and the past is shown on: a notice says it on every page.
void BenchPage::hideEvent(QHideEvent*)
{
    m_frame.stop();
    m_figures.stop();
    m_look.stop();
    m_log.setWatched(false);
}

void BenchPage::keyPressEvent(QKeyEvent* event)
{
    if (event->key() != Qt::Key_Escape) return QWidget::keyPressEvent(event);
    if (m_log.moment()) return m_log.showMoment({});
    if (m_learning.isOn()) return m_learning.end();
    if (!m_hand.held().empty()) return m_hand.letAllGo();
    QWidget::keyPressEvent(event);
}

}  // namespace jolly::app
