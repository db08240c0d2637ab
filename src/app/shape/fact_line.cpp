// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/shape/fact_line.h"

#include "app/style/theme.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>

namespace jolly::app
{

FactLine::FactLine(int number, QWidget* parent)
    : QWidget(parent), m_words(new QLabel), m_offer(new QPushButton)
{
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(0, 0, 0, 0);
    m_words->setObjectName(QStringLiteral("fact %1").arg(number));
    m_words->setWordWrap(true);
    m_words->setFont(textFont(TextSize::Small));
    setTone(*m_words, "dim");
    m_offer->setObjectName(QStringLiteral("offer %1").arg(number));
    m_offer->setProperty("tone", "plain-straw");
    row->addWidget(m_words, 1);
    row->addWidget(m_offer);
    connect(m_offer, &QPushButton::clicked, this, [this] {
        if (m_deed) m_deed();
    });
    hide();
}

void FactLine::show(const StageFact& fact)
{
    m_deed = fact.deed;
    if (m_words->text() == fact.words && m_offer->text() == fact.offer) return;
    m_words->setText(fact.words);
    m_offer->setText(fact.offer);
    m_offer->setVisible(!fact.offer.isEmpty());
    setVisible(!fact.words.isEmpty());
}

}  // namespace jolly::app
