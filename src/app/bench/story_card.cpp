// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/bench/story_card.h"
#include "app/style/qt_text.h"

#include "app/style/palette.h"
#include "app/style/theme.h"
#include "app/style/wrap_layout.h"

#include <QLabel>
#include <QPainter>
#include <QStyledItemDelegate>
#include <QVBoxLayout>

namespace jolly::app
{

namespace
{

constexpr int kTimeRole = Qt::UserRole;
constexpr int kKindRole = Qt::UserRole + 1;
constexpr int kClockRole = Qt::UserRole + 2;
constexpr int kResultRole = Qt::UserRole + 3;
constexpr int kLine = 26;
constexpr int kMostShown = 200;

/// A line: a mark by what it is about, the time, what happened, what came of it.
class StoryDelegate : public QStyledItemDelegate
{
 public:
    using QStyledItemDelegate::QStyledItemDelegate;

    QSize sizeHint(const QStyleOptionViewItem&, const QModelIndex&) const override
    {
        return {100, kLine};
    }

    void paint(QPainter* painter, const QStyleOptionViewItem& option,
               const QModelIndex& index) const override
    {
        const auto& p = jolly::app::palette();
        painter->save();
        painter->setRenderHint(QPainter::Antialiasing);
        const auto rect = option.rect;
        if ((option.state & QStyle::State_Selected) != 0) {
            painter->setPen(Qt::NoPen);
            painter->setBrush(p.strawDeep);
            painter->drawRoundedRect(QRectF(rect).adjusted(0, 1, 0, -1), 6, 6);
        }
        paintMark(*painter, static_cast<StoryKind>(index.data(kKindRole).toInt()),
                  QPointF(rect.left() + 10, rect.center().y() + 0.5));
        painter->setFont(textFont(TextSize::Small));
        painter->setPen(p.dim);
        const QRect clock(rect.left() + 22, rect.top(), 78, rect.height());
        painter->drawText(clock, Qt::AlignVCenter | Qt::AlignLeft,
                          index.data(kClockRole).toString());
        const auto left = clock.right() + 6;
        const auto room = rect.right() - left - 6;
        const auto result = index.data(kResultRole).toString();
        painter->setFont(textFont(TextSize::Small, true));
        const auto what = index.data(Qt::DisplayRole).toString();
        const auto most = result.isEmpty() ? room : room * 56 / 100;
        const auto width = std::min(most, painter->fontMetrics().horizontalAdvance(what) + 2);
        painter->setPen(p.text);
        painter->drawText(QRect(left, rect.top(), width, rect.height()),
                          Qt::AlignVCenter | Qt::AlignLeft,
                          painter->fontMetrics().elidedText(what, Qt::ElideRight, width));
        painter->setFont(textFont(TextSize::Small));
        painter->setPen(p.dim);
        const auto rest = room - width - 10;
        painter->drawText(QRect(left + width + 10, rect.top(), rest, rect.height()),
                          Qt::AlignVCenter | Qt::AlignRight,
                          painter->fontMetrics().elidedText(result, Qt::ElideRight, rest));
        painter->restore();
    }

 private:
    /// A shape for each kind, so that colour is not all that tells.
    static void paintMark(QPainter& painter, StoryKind kind, QPointF at)
    {
        const auto& p = jolly::app::palette();
        painter.setPen(Qt::NoPen);
        switch (kind) {
            case StoryKind::Touch:
                painter.setBrush(p.straw);
                painter.drawEllipse(at, 4.0, 4.0);
                break;
            case StoryKind::Game:
                painter.setPen(QPen(p.straw, 1.6));
                painter.setBrush(Qt::NoBrush);
                painter.drawEllipse(at, 3.4, 3.4);
                break;
            case StoryKind::Layer:
                painter.setBrush(p.sky);
                painter.drawRect(QRectF(at.x() - 4, at.y() - 4, 8, 3));
                painter.drawRect(QRectF(at.x() - 4, at.y() + 1, 8, 3));
                break;
            case StoryKind::Edit:
                painter.setBrush(p.slate);
                painter.drawRect(QRectF(at.x() - 3.5, at.y() - 3.5, 7, 7));
                break;
            case StoryKind::Plug:
                painter.setBrush(p.mint);
                painter.drawPolygon(
                    QPolygonF({at + QPointF(-4, 3.5), at + QPointF(4, 3.5), at + QPointF(0, -4)}));
                break;
            case StoryKind::Fault:
                painter.setPen(QPen(p.coral, 2.0));
                painter.drawLine(at + QPointF(-3.5, -3.5), at + QPointF(3.5, 3.5));
                painter.drawLine(at + QPointF(-3.5, 3.5), at + QPointF(3.5, -3.5));
                break;
        }
    }
};

}  // namespace

std::vector<StoryCard::Filter> StoryCard::filters()
{
    // Touch, Game, Layer, Edit, Plug, Fault
    return {{tr("quiet"), {true, false, true, true, true, true}},
            {tr("touches"), {true, false, false, false, false, true}},
            {tr("games"), {false, true, false, false, false, true}},
            {tr("layers"), {false, false, true, false, false, true}},
            {tr("all"), {true, true, true, true, true, true}}};
}

StoryCard::StoryCard(FlightLog& log, QWidget* parent)
    : Card(parent), m_log(log), m_list(new QListWidget)
{
    setObjectName(QStringLiteral("story card"));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(12, 10, 8, 8);
    column->setSpacing(4);
    auto* head = new WrapLayout(4);
    auto* title = new QLabel(tr("What happened"));
    title->setFont(textFont(TextSize::Title, true));
    setTone(*title, "title");
    head->addWidget(title);
    head->addStretch();
    int place = 0;
    for (const auto& filter : filters()) {
        auto* chip = new QPushButton(filter.words);
        chip->setObjectName(QStringLiteral("story ") + filter.words);
        chip->setCheckable(true);
        setTone(*chip, "chip");
        connect(chip, &QPushButton::clicked, this, [this, place] { choose(place); });
        m_chips.push_back(chip);
        head->addWidget(chip);
        ++place;
    }
    m_list->setObjectName(QStringLiteral("story"));
    m_list->setAccessibleName(tr("What happened, the newest first"));
    m_list->setItemDelegate(new StoryDelegate(m_list));
    m_list->setFrameShape(QFrame::NoFrame);
    m_list->setUniformItemSizes(true);
    m_list->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    m_list->setStyleSheet(
        QStringLiteral("QListWidget { background: transparent; border: 0; "
                       "padding: 0; }"));
    m_list->setToolTip(tr("Click a line to see how everything stood then"));
    column->addLayout(head);
    column->addWidget(m_list, 1);
    connect(m_list, &QListWidget::itemActivated, this, [this](QListWidgetItem* item) {
        m_log.showMoment(Time(item->data(kTimeRole).toLongLong()));
    });
    connect(m_list, &QListWidget::itemClicked, this, [this](QListWidgetItem* item) {
        m_log.showMoment(Time(item->data(kTimeRole).toLongLong()));
    });
    connect(&log, &FlightLog::changed, this, &StoryCard::rebuild);
    choose(0);
}

void StoryCard::choose(int filter)
{
    m_filter = filter;
    for (std::size_t i = 0; i < m_chips.size(); ++i)
        m_chips[i]->setChecked(static_cast<int>(i) == filter);
    m_newest = {};
    rebuild();
}

void StoryCard::rebuild()
{
    const auto& lines = m_log.lines();
    const auto newest = lines.empty() ? Time{} : lines.back().time;
    if (newest == m_newest && m_shown == lines.size() && newest != Time{}) return;
    m_newest = newest;
    m_shown = lines.size();
    const auto wanted = filters()[static_cast<std::size_t>(m_filter)].kinds;
    m_list->clear();
    for (auto line = lines.rbegin(); line != lines.rend() && m_list->count() < kMostShown; ++line) {
        if (!wanted[static_cast<std::size_t>(line->kind)]) continue;
        auto* item = new QListWidgetItem(toQt(line->what), m_list);
        item->setData(kTimeRole, QVariant::fromValue<qlonglong>(line->time.count()));
        item->setData(kKindRole, static_cast<int>(line->kind));
        item->setData(kClockRole, m_log.clockOf(line->time, true));
        item->setData(kResultRole, toQt(line->result));
        item->setData(Qt::AccessibleTextRole,
                      toQt(oneAfterOther(say("%1.", line->what), line->result)));
    }
    if (m_list->count() > 0) return;
    auto* none = new QListWidgetItem(tr("Nothing of that yet: move something."), m_list);
    none->setFlags(Qt::NoItemFlags);
}

}  // namespace jolly::app
