// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/window/said_list.h"

#include "app/style/theme.h"
#include "app/window/panel.h"
#include "app/window/toast.h"

#include <QListWidget>

namespace jolly::app
{

void openSaid(Messages& messages, QWidget* window)
{
    auto* panel = new Panel(QObject::tr("What was said"), window);
    panel->setAttribute(Qt::WA_DeleteOnClose);
    const auto& said = messages.sayings();
    if (said.empty()) {
        panel->addWords(QObject::tr("Nothing yet. What is done, undone or refused is kept here."));
    } else {
        auto* list = new QListWidget;
        list->setObjectName(QStringLiteral("said list"));
        list->setAccessibleName(panel->windowTitle());
        list->setWordWrap(true);
        list->setMinimumHeight(240);
        for (auto each = said.rbegin(); each != said.rend(); ++each)
            list->addItem(each->when.time().toString(QStringLiteral("HH:mm:ss")) +
                          QStringLiteral("  ") + markOf(each->tone) + QStringLiteral("  ") +
                          each->sentence);
        panel->column().addWidget(list, 1);
    }
    panel->addWay(QObject::tr("Close the list"), 0);
    panel->open();
}

}  // namespace jolly::app
