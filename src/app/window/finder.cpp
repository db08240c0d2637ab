// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/window/finder.h"

#include "app/style/palette.h"

#include <QKeyEvent>
#include <QLineEdit>
#include <QListWidget>
#include <QVBoxLayout>
#include <algorithm>
#include <utility>

namespace jolly::app
{

namespace
{

constexpr int kMostShown = 60;

}  // namespace

Finder::Finder(std::vector<Found> all, QWidget* parent)
    : QFrame(parent, Qt::Popup),
      m_all(std::move(all)),
      m_typed(new QLineEdit(this)),
      m_list(new QListWidget(this))
{
    setAttribute(Qt::WA_DeleteOnClose);
    setObjectName(QStringLiteral("finder"));
    setStyleSheet(QStringLiteral("#finder { background: %1; border: 1px solid %2; }")
                      .arg(jolly::app::palette().raised.name(), jolly::app::palette().line.name()));
    m_typed->setObjectName(QStringLiteral("find"));
    m_typed->setPlaceholderText(tr("Find a control, a strand or a command"));
    m_typed->installEventFilter(this);
    m_list->setFocusPolicy(Qt::NoFocus);
    auto* column = new QVBoxLayout(this);
    column->addWidget(m_typed);
    column->addWidget(m_list);
    connect(m_typed, &QLineEdit::textChanged, this, &Finder::narrow);
    connect(m_typed, &QLineEdit::returnPressed, this, &Finder::choose);
    connect(m_list, &QListWidget::itemClicked, this, &Finder::choose);
    narrow({});
}

void Finder::open()
{
    resize(520, 380);
    const auto corner = parentWidget()->mapToGlobal(QPoint(0, 0));
    move(corner + QPoint((parentWidget()->width() - width()) / 2, 60));
    show();
    m_typed->setFocus();
}

void Finder::narrow(const QString& typed)
{
    m_list->clear();
    const auto parts = typed.split(QLatin1Char(' '), Qt::SkipEmptyParts);
    for (std::size_t i = 0; i < m_all.size() && m_list->count() < kMostShown; ++i) {
        const auto& words = m_all[i].words;
        const bool isMatch = std::ranges::all_of(
            parts, [&](const QString& part) { return words.contains(part, Qt::CaseInsensitive); });
        if (!isMatch) continue;
        auto* item = new QListWidgetItem(words, m_list);
        item->setData(Qt::UserRole, static_cast<int>(i));
    }
    m_list->setCurrentRow(0);
}

void Finder::choose()
{
    const auto* item = m_list->currentItem();
    if (!item) return;
    const auto go = m_all[static_cast<std::size_t>(item->data(Qt::UserRole).toInt())].go;
    close();
    go();
}

bool Finder::eventFilter(QObject* watched, QEvent* event)
{
    if (event->type() == QEvent::KeyPress) {
        const int key = static_cast<QKeyEvent*>(event)->key();
        const int by = key == Qt::Key_Down ? 1 : (key == Qt::Key_Up ? -1 : 0);
        if (by != 0) {
            m_list->setCurrentRow(std::clamp(m_list->currentRow() + by, 0, m_list->count() - 1));
            return true;
        }
    }
    return QFrame::eventFilter(watched, event);
}

}  // namespace jolly::app
