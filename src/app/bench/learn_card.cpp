// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/bench/learn_card.h"

#include "app/style/palette.h"
#include "app/style/scroll_column.h"
#include "app/style/theme.h"
#include "app/style/wrap_layout.h"

#include <QKeyEvent>
#include <QMenu>
#include <QMouseEvent>
#include <QPainter>
#include <QPainterPath>
#include <QVBoxLayout>
#include <algorithm>

namespace jolly::app
{

namespace
{

constexpr int kSecondsLater = 5;
constexpr int kLessonWidth = 84;
constexpr int kLessonHeight = 36;

QString wayWords(SweepWay way)
{
    switch (way) {
        case SweepWay::Up:
            return LearnCard::tr("up");
        case SweepWay::Right:
            return LearnCard::tr("right");
        case SweepWay::Down:
            return LearnCard::tr("down");
        case SweepWay::Left:
            return LearnCard::tr("left");
    }
    return {};
}

}  // namespace

SweepLine::SweepLine(QWidget* parent) : QWidget(parent)
{
    setFixedHeight(44);
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
}

void SweepLine::show(std::vector<SweepStep> steps, double progress, const QString& words)
{
    m_steps = std::move(steps);
    m_progress = progress;
    m_words = words;
    update();
}

void SweepLine::paintEvent(QPaintEvent*)
{
    const auto& p = jolly::app::palette();
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setPen(QPen(p.line, 1.0));
    painter.setBrush(p.well);
    painter.drawRoundedRect(QRectF(rect()).adjusted(0.5, 0.5, -0.5, -0.5), 7, 7);
    painter.setFont(textFont(TextSize::Small));
    painter.setPen(p.dim);
    painter.drawText(QRect(10, height() - 17, width() - 20, 15), Qt::AlignLeft, m_words);
    if (m_steps.empty() || m_steps.back().at <= Time{}) return;
    int low = 0;
    int high = 1;
    for (const auto& step : m_steps) {
        const auto way = step.counts.x != 0 ? step.counts.x : step.counts.y;
        low = std::min(low, way);
        high = std::max(high, way);
    }
    const auto placeOf = [&](Time at, const Counts& counts) {
        const double x = 12.0 + (width() - 24.0) * (inSeconds(at) / inSeconds(m_steps.back().at));
        const auto way = counts.x != 0 ? counts.x : counts.y;
        const double part = (static_cast<double>(way) - low) / (static_cast<double>(high) - low);
        return QPointF(x, 24.0 - 17.0 * part);
    };
    QPainterPath path(placeOf(m_steps.front().at, m_steps.front().counts));
    Counts before = m_steps.front().counts;
    const bool isAxis = m_steps.size() > 20;
    for (const auto& step : m_steps) {
        if (!isAxis) path.lineTo(placeOf(step.at, before));
        path.lineTo(placeOf(step.at, step.counts));
        before = step.counts;
    }
    painter.setPen(QPen(p.straw, 1.8));
    painter.setBrush(Qt::NoBrush);
    painter.drawPath(path);
    if (m_progress <= 0.0) return;
    const auto now =
        Time(static_cast<Time::rep>(static_cast<double>(m_steps.back().at.count()) * m_progress));
    auto at = m_steps.front();
    for (const auto& step : m_steps) {
        if (step.at <= now) at = step;
    }
    painter.setPen(Qt::NoPen);
    painter.setBrush(p.strong);
    painter.drawEllipse(placeOf(now, at.counts), 5.5, 5.5);
}

LessonList::LessonList(Learning& learning, QWidget* parent) : QWidget(parent), m_learning(learning)
{
    setObjectName(QStringLiteral("lessons"));
    setFocusPolicy(Qt::StrongFocus);
    setCursor(Qt::PointingHandCursor);
    auto policy = sizePolicy();
    policy.setHeightForWidth(true);
    policy.setVerticalPolicy(QSizePolicy::Fixed);
    policy.setHorizontalPolicy(QSizePolicy::Expanding);
    setSizePolicy(policy);
    setToolTip(tr("Click one to choose it, its tick to say that it is learned"));
    connect(&learning, &Learning::changed, this, [this] {
        describe();
        updateGeometry();
        update();
    });
    describe();
}

void LessonList::describe()
{
    const auto* lesson = m_learning.lesson();
    setAccessibleName(lesson ? tr("To be learned: %1 %2, %3")
                                   .arg(lesson->name, lesson->function,
                                        lesson->isLearned ? tr("learned") : tr("not yet"))
                             : tr("Nothing is to be learned"));
}

int LessonList::columns(int width) const
{
    return std::max(1, width / kLessonWidth);
}

int LessonList::heightForWidth(int width) const
{
    const auto count = static_cast<int>(m_learning.lessons().size());
    return (count + columns(width) - 1) / columns(width) * kLessonHeight;
}

QRect LessonList::placeOf(std::size_t lesson) const
{
    const auto each = columns(width());
    const auto place = static_cast<int>(lesson);
    const auto cell = width() / each;
    return {place % each * cell, place / each * kLessonHeight, cell, kLessonHeight};
}

void LessonList::paintEvent(QPaintEvent*)
{
    const auto& p = jolly::app::palette();
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setFont(textFont(TextSize::Small));
    const auto& lessons = m_learning.lessons();
    for (std::size_t i = 0; i < lessons.size(); ++i) {
        const auto cell = placeOf(i);
        const bool isCurrent = i == m_learning.current();
        const QPointF middle(cell.center().x(), cell.top() + 10);
        painter.setPen(QPen(lessons[i].isLearned ? p.mint : isCurrent ? p.straw : p.faint, 1.6));
        painter.setBrush(lessons[i].isLearned ? QBrush(p.mint) : QBrush(Qt::NoBrush));
        painter.drawEllipse(middle, 6.5, 6.5);
        if (lessons[i].isLearned) {
            painter.setPen(QPen(p.ground, 1.8));
            painter.drawPolyline(QPolygonF(
                {middle + QPointF(-3, 0), middle + QPointF(-1, 2.5), middle + QPointF(3.2, -2.5)}));
        }
        if (isCurrent && hasFocus()) {
            painter.setPen(QPen(p.strong, 1.0));
            painter.setBrush(Qt::NoBrush);
            painter.drawEllipse(middle, 9.0, 9.0);
        }
        const auto words = lessons[i].function.isEmpty() ? lessons[i].name : lessons[i].function;
        painter.setPen(isCurrent ? p.strong : p.dim);
        painter.drawText(cell.adjusted(2, 19, -2, 0), Qt::AlignHCenter | Qt::AlignTop,
                         painter.fontMetrics().elidedText(words, Qt::ElideRight, cell.width() - 6));
    }
}

void LessonList::mousePressEvent(QMouseEvent* event)
{
    for (std::size_t i = 0; i < m_learning.lessons().size(); ++i) {
        const auto cell = placeOf(i);
        if (!cell.contains(event->pos())) continue;
        const bool isOnTick = i == m_learning.current() && event->pos().y() < cell.top() + 19;
        if (isOnTick) return m_learning.setLearned(i, !m_learning.lessons()[i].isLearned);
        return m_learning.choose(i);
    }
}

void LessonList::keyPressEvent(QKeyEvent* event)
{
    const auto current = m_learning.current();
    const auto each = static_cast<std::size_t>(columns(width()));
    switch (event->key()) {
        case Qt::Key_Right:
            return m_learning.choose(current + 1);
        case Qt::Key_Left:
            return m_learning.choose(current - 1);
        case Qt::Key_Down:
            return m_learning.choose(current + each);
        case Qt::Key_Up:
            return m_learning.choose(current - each);
        case Qt::Key_Space:
            if (m_learning.lesson())
                m_learning.setLearned(current, !m_learning.lesson()->isLearned);
            return;
        default:
            QWidget::keyPressEvent(event);
    }
}

LearnCard::LearnCard(Edits& edits, Selection& selection, Learning& learning, QWidget* parent)
    : Card(parent),
      m_edits(edits),
      m_selection(selection),
      m_learning(learning),
      m_only(new QLabel),
      m_name(new ElidedLabel),
      m_count(new QLabel),
      m_line(new SweepLine),
      m_sweep(new QPushButton),
      m_later(new QPushButton(tr("in %1 s").arg(kSecondsLater))),
      m_next(new QPushButton(tr("Next"))),
      m_way(new QPushButton),
      m_end(new QPushButton(tr("End"))),
      m_trigger(new ListenField(selection, edits.messages(),
                                [](const DeskController&, const RigControl& control) {
                                    return control.kind == ControlKind::Button;
                                })),
      m_list(new LessonList(learning))
{
    setObjectName(QStringLiteral("learn card"));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(12, 10, 12, 10);
    column->setSpacing(5);
    auto* head = new WrapLayout(6);
    auto* title = new QLabel(tr("Let a sim learn it"));
    title->setFont(textFont(TextSize::Title, true));
    setTone(*title, "title");
    m_only->setFont(textFont(TextSize::Small));
    auto* walk = new QPushButton(tr("Walk the desk"));
    walk->setObjectName(QStringLiteral("walk"));
    walk->setToolTip(tr("Every control once, before a flight"));
    setTone(*walk, "chip");
    connect(walk, &QPushButton::clicked, this, &LearnCard::walkWanted);
    head->addWidget(title);
    head->addStretch();
    head->addWidget(walk);
    auto* line = new QHBoxLayout;
    m_name->setFont(textFont(TextSize::Title, true));
    m_name->setObjectName(QStringLiteral("lesson name"));
    m_count->setObjectName(QStringLiteral("lesson count"));
    setTone(*m_count, "straw");
    line->addWidget(m_name, 1);
    line->addWidget(m_count);
    auto* row = new WrapLayout(6);
    m_sweep->setObjectName(QStringLiteral("sweep"));
    m_later->setObjectName(QStringLiteral("sweep later"));
    m_next->setObjectName(QStringLiteral("sweep next"));
    m_way->setObjectName(QStringLiteral("sweep way"));
    m_end->setObjectName(QStringLiteral("sweep end"));
    m_trigger->setObjectName(QStringLiteral("sweep trigger"));
    m_next->setToolTip(tr("Sweep the next one that is not learned yet"));
    m_end->setToolTip(tr("All controls reach games again (Esc)"));
    auto* ways = new QMenu(m_way);
    for (const auto way : {SweepWay::Up, SweepWay::Right, SweepWay::Down, SweepWay::Left})
        ways->addAction(wayWords(way), this, [this, way] { m_learning.setWay(way); });
    m_way->setMenu(ways);
    for (auto* button : {m_sweep, m_later, m_next, m_way}) row->addWidget(button);
    row->addStretch();
    row->addWidget(m_end);
    auto* at = new WrapLayout(6);
    auto* words = new QLabel(tr("or when this is pressed:"));
    words->setFont(textFont(TextSize::Small));
    setTone(*words, "dim");
    at->addWidget(words);
    at->addWidget(m_trigger);
    column->addLayout(head);
    column->addWidget(m_only);
    column->addLayout(line);
    column->addWidget(m_line);
    column->addLayout(row);
    column->addLayout(at);
    auto* lessons = new ScrollColumn("lesson list", 0);
    lessons->column().addWidget(m_list);
    lessons->column().addStretch();
    lessons->setFixedHeight(2 * kLessonHeight);
    column->addWidget(lessons);
    connect(&learning, &Learning::changed, lessons, [this, lessons] {
        const auto place = m_list->placeOf(m_learning.current()).center();
        lessons->ensureVisible(place.x(), place.y(), 0, kLessonHeight / 2);
    });
    connect(m_sweep, &QPushButton::clicked, &learning, [this] { m_learning.sweep(); });
    connect(m_later, &QPushButton::clicked, &learning, [this] { m_learning.sweep(kSecondsLater); });
    connect(m_next, &QPushButton::clicked, &learning, &Learning::next);
    connect(m_end, &QPushButton::clicked, &learning, &Learning::end);
    connect(m_trigger, &ListenField::chosen, &learning,
            [this](const Source& control) { m_learning.setTrigger(control); });
    connect(&learning, &Learning::changed, this, &LearnCard::showState);
    connect(&learning, &Learning::ticked, this, &LearnCard::showProgress);
    connect(&edits, &Edits::settled, this, &LearnCard::showState);
    showState();
}

void LearnCard::showEvent(QShowEvent*)
{
    showState();
}

void LearnCard::showState()
{
    if (!isVisible()) return;  // showEvent() makes up for it
    const auto* lesson = m_learning.lesson();
    const auto& lessons = m_learning.lessons();
    const bool isLive = m_selection.feed().session().isLive();
    const bool isBusy = m_learning.state() == Learning::State::Sweeping ||
                        m_learning.state() == Learning::State::Counting;
    setMarked(m_learning.isOn());
    m_only->setText(!isLive             ? tr("go live first: a sim sees nothing yet")
                    : m_learning.isOn() ? tr("only this one reaches games now")
                                        : tr("only one moves, all else keeps still"));
    setTone(*m_only, m_learning.isOn() ? "straw" : "dim");
    m_name->setText(!lesson ? tr("No strand leads to this device yet")
                    : lesson->function.isEmpty()
                        ? lesson->name
                        : lesson->name + QStringLiteral(" · ") + lesson->function);
    m_count->setText(lessons.empty()
                         ? QString()
                         : tr("%1 of %2 learned").arg(m_learning.learned()).arg(lessons.size()));
    m_sweep->setText(lesson && lesson->isLearned ? tr("Again") : tr("Sweep now"));
    m_sweep->setEnabled(lesson && isLive && !isBusy);
    m_later->setEnabled(lesson && isLive && !isBusy);
    m_next->setEnabled(lesson && isLive && !isBusy);
    m_end->setEnabled(m_learning.isOn());
    const bool isHat = lesson && lesson->places.front().control.kind == ControlKind::Hat;
    m_way->setVisible(isHat);
    if (isHat) m_way->setText(wayWords(lesson->way));
    m_trigger->setText(m_learning.trigger() ? m_selection.feed().nameOf(*m_learning.trigger())
                                            : tr("touch to choose a button"));
    showProgress();
}

void LearnCard::showProgress()
{
    QString words = tr("from its rest, all the way, and back");
    if (m_learning.state() == Learning::State::Counting)
        words = tr("in %1 s: go to the sim and let it listen").arg(m_learning.secondsLeft());
    if (m_learning.state() == Learning::State::Ready)
        words = tr("ready: let the sim listen, then sweep");
    m_line->show(m_learning.steps(), m_learning.progress(), words);
}

}  // namespace jolly::app
