// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/window/notice_bar.h"

#include "app/style/theme.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>

namespace jolly::app
{

NoticeBar::NoticeBar(Messages& messages, QWidget* parent)
    : QWidget(parent), m_messages(messages), m_rows(new QVBoxLayout(this))
{
    setObjectName(QStringLiteral("notices"));
    m_rows->setContentsMargins(14, 8, 14, 0);
    m_rows->setSpacing(6);
    connect(&messages, &Messages::noticesChanged, this, &NoticeBar::refresh);
    refresh();
}

void NoticeBar::refresh()
{
    while (auto* item = m_rows->takeAt(0)) {
        item->widget()->hide();
        item->widget()->deleteLater();
        delete item;
    }
    for (const auto& notice : m_messages.notices()) m_rows->addWidget(makeRow(notice));
    setVisible(!m_messages.notices().empty());
}

QWidget* NoticeBar::makeRow(const Notice& notice)
{
    auto* row = new QFrame(this);
    row->setObjectName(QStringLiteral("notice ") + notice.id);
    setTone(*row, "notice");
    auto* line = new QHBoxLayout(row);
    line->setContentsMargins(14, 8, 10, 8);
    line->setSpacing(10);
    auto* sentence = new QLabel(notice.sentence, row);
    sentence->setObjectName(QStringLiteral("notice sentence"));
    sentence->setTextFormat(Qt::PlainText);
    sentence->setWordWrap(true);
    setTone(*sentence, "title");
    line->addWidget(sentence, 1);
    for (const auto& way : notice.ways) {
        auto* button = new QPushButton(way.words, row);
        button->setObjectName(way.words);
        connect(button, &QPushButton::clicked, this, [this, id = notice.id, deed = way.deed] {
            m_messages.hide(id);
            if (deed) deed();
        });
        line->addWidget(button);
    }
    return row;
}

}  // namespace jolly::app
