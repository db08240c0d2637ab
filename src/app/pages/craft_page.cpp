// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/pages/craft_page.h"

#include "app/style/theme.h"

#include <QHBoxLayout>

namespace jolly::app
{

CraftPage::CraftPage(Studio& studio, QWidget* parent)
    : QWidget(parent),
      m_studio(studio),
      m_list(new CraftList(studio.edits())),
      m_details(new CraftDetails(studio.edits(), studio.feed())),
      m_compare(new CraftCompare(studio.edits()))
{
    setObjectName(QStringLiteral("craft page"));
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(12, 12, 10, 10);
    row->setSpacing(12);
    m_list->setFixedWidth(232);
    row->addWidget(m_list);
    row->addWidget(m_details, 4);
    row->addWidget(m_compare, 5);
    connect(m_list, &CraftList::changed, this, &CraftPage::rebuild);
    connect(m_details, &CraftDetails::pictureWanted, this, &CraftPage::pictureWanted);
    connect(&studio.edits(), &Edits::settled, this, &CraftPage::rebuild);
}

void CraftPage::rebuild()
{
    if (!isVisible()) return;  // showEvent() makes up for it
    m_list->rebuild();
    m_details->show(m_list->chosen());
    m_compare->show(m_list->chosen());
}

void CraftPage::showEvent(QShowEvent*)
{
    rebuild();
}

}  // namespace jolly::app
