// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/window/panel.h"

#include "app/style/theme.h"

#include <QLabel>
#include <QPlainTextEdit>
#include <algorithm>

namespace jolly::app
{

namespace
{

constexpr int kWidth = 520;
constexpr int kMostHeight = 240;

}  // namespace

Panel::Panel(const QString& title, QWidget* parent)
    : QDialog(parent), m_column(new QVBoxLayout), m_ways(new QHBoxLayout)
{
    setObjectName(QStringLiteral("panel"));
    setWindowTitle(title);
    auto* all = new QVBoxLayout(this);
    all->setContentsMargins(24, 20, 24, 18);
    all->setSpacing(14);
    auto* head = new QLabel(title);
    head->setObjectName(QStringLiteral("panel title"));
    head->setFont(textFont(TextSize::Head, true));
    head->setWordWrap(true);
    setTone(*head, "title");
    m_column->setSpacing(10);
    m_ways->setSpacing(10);
    m_ways->addStretch();
    all->addWidget(head);
    all->addLayout(m_column, 1);
    all->addLayout(m_ways);
    setMinimumWidth(kWidth);
}

void Panel::addWords(const QString& sentence)
{
    auto* words = new QLabel(sentence);
    words->setObjectName(QStringLiteral("panel words"));
    words->setTextFormat(Qt::PlainText);
    words->setWordWrap(true);
    words->setTextInteractionFlags(Qt::TextSelectableByMouse);
    m_column->addWidget(words);
}

void Panel::addLines(const QStringList& lines)
{
    auto* text = new QPlainTextEdit(lines.join(QLatin1Char('\n')));
    text->setObjectName(QStringLiteral("panel lines"));
    text->setAccessibleName(windowTitle());
    text->setReadOnly(true);
    const int line = text->fontMetrics().lineSpacing();
    text->setFixedHeight(
        std::min(kMostHeight, line * (2 + 2 * static_cast<int>(lines.size())) + 16));
    m_column->addWidget(text);
}

QPushButton* Panel::addWay(const QString& words, int result)
{
    auto* button = new QPushButton(words);
    button->setObjectName(words);
    const bool isFirst = m_ways->count() == 1;
    button->setAutoDefault(isFirst);
    button->setDefault(isFirst);
    if (isFirst) button->setFocus();
    connect(button, &QPushButton::clicked, this, [this, result] { done(result); });
    m_ways->insertWidget(1, button);  // the first stands at the far right, where the hand goes
    return button;
}

void Panel::addChoice(const QString& words, int result)
{
    auto* button = new QPushButton(words);
    button->setObjectName(words);
    button->setAutoDefault(false);
    connect(button, &QPushButton::clicked, this, [this, result] { done(result); });
    m_column->addWidget(button, 0, Qt::AlignLeft);
}

}  // namespace jolly::app
