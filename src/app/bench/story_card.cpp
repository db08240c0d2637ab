// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/bench/story_card.h"

#include "app/bench/story_delegate.h"
#include "app/style/theme.h"
#include "app/style/wrap_layout.h"

#include <QLabel>
#include <QListView>
#include <QRegularExpression>
#include <QVBoxLayout>

namespace jolly::app
{

std::vector<StoryCard::Filter> StoryCard::filters()
{
    using enum StoryKind;  // what went wrong is always there
    return {{tr("quiet"), {Touch, Layer, Edit, Plug, Fault}},
            {tr("touches"), {Touch, Fault}},
            {tr("games"), {Game, Fault}},
            {tr("layers"), {Layer, Fault}},
            {tr("all"), {Touch, Game, Layer, Edit, Plug, Fault}}};
}

StoryCard::StoryCard(FlightLog& log, QWidget* parent)
    : Card(parent), m_log(log), m_list(new QListView), m_none(new QLabel)
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
    for (const auto& filter : filters()) {
        auto* chip = new QPushButton(filter.words);
        chip->setObjectName(QStringLiteral("story ") + filter.words);
        chip->setCheckable(true);
        setTone(*chip, "chip");
        connect(chip, &QPushButton::clicked, this,
                [this, place = m_chips.size()] { choose(place); });
        m_chips.push_back(chip);
        head->addWidget(chip);
    }
    m_lines.setSourceModel(&log.story());
    m_lines.setFilterRole(StoryModel::Kind);
    m_list->setModel(&m_lines);
    m_list->setObjectName(QStringLiteral("story"));
    m_list->setAccessibleName(tr("What happened, the newest first"));
    m_list->setItemDelegate(new StoryDelegate(m_list));
    m_list->setUniformItemSizes(true);
    m_list->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    setTone(*m_list, "bare");
    m_list->setToolTip(tr("Click a line to see how everything stood then"));
    m_none->setObjectName(QStringLiteral("story none"));
    m_none->setText(tr("Nothing of that yet: move something."));
    m_none->setAlignment(Qt::AlignTop | Qt::AlignLeft);
    setTone(*m_none, "dim");
    column->addLayout(head);
    column->addWidget(m_list, 1);
    column->addWidget(m_none, 1);
    const auto showMoment = [this](const QModelIndex& line) {
        m_log.showMoment(Time(line.data(StoryModel::Moment).toLongLong()));
    };
    connect(m_list, &QListView::activated, this, showMoment);
    connect(m_list, &QListView::clicked, this, showMoment);
    for (auto change : {&QAbstractItemModel::rowsInserted, &QAbstractItemModel::rowsRemoved})
        connect(&m_lines, change, this, &StoryCard::showWhetherEmpty);
    connect(&m_lines, &QAbstractItemModel::modelReset, this, &StoryCard::showWhetherEmpty);
    choose(0);
}

void StoryCard::choose(std::size_t filter)
{
    for (std::size_t i = 0; i < m_chips.size(); ++i) m_chips[i]->setChecked(i == filter);
    const auto chosen = filters()[filter];
    QStringList kinds;
    for (const auto kind : chosen.kinds) kinds << QString::number(static_cast<int>(kind));
    m_lines.setFilterRegularExpression(
        QRegularExpression::anchoredPattern(kinds.join(QLatin1Char('|'))));
    showWhetherEmpty();
}

void StoryCard::showWhetherEmpty()
{
    const bool isEmpty = m_lines.rowCount() == 0;
    m_list->setVisible(!isEmpty);
    m_none->setVisible(isEmpty);
}

}  // namespace jolly::app
