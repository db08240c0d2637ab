// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/craft/craft_list.h"

#include "app/style/theme.h"
#include "core/layers/family.h"
#include "core/layers/family_edit.h"
#include "core/tangle/lookup.h"

#include <QLabel>
#include <QPushButton>
#include <QVBoxLayout>

namespace jolly::app
{

CraftList::CraftList(Studio& studio, QWidget* parent)
    : QWidget(parent), m_studio(studio), m_rows(new ScrollColumn("craft rows", 4))
{
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(6);
    auto* title = new QLabel(tr("Craft"), this);
    title->setFont(textFont(TextSize::Title, true));
    setTone(*title, "title");
    column->addWidget(title);
    column->addWidget(m_rows, 1);
    m_buttons = column;
    add("new craft", tr("New craft of this family"), [this] { make(); });
    add("copy craft", tr("Copy this one"), [this] { copy(); });
    add("remove craft", tr("Remove this one"), [this] { remove(); });
}

void CraftList::add(const char* name, const QString& words, const std::function<void()>& deed)
{
    auto* button = new QPushButton(words, this);
    button->setObjectName(QLatin1String(name));
    connect(button, &QPushButton::clicked, this, deed, Qt::QueuedConnection);
    m_buttons->addWidget(button);
}

void CraftList::choose(const std::string& craft)
{
    if (craft == m_chosen) return;
    m_chosen = craft;
    rebuild();
    Q_EMIT changed();
}

void CraftList::rebuild()
{
    const auto& tangle = m_studio.tangle();
    if (!findBy(tangle.craft, &Craft::id, m_chosen)) m_chosen = kEverywhere;
    clearLayout(m_rows->column());
    for (const auto& row : craftByFamily(tangle)) {
        const auto name = QString::fromStdString(row.craft->name);
        const auto gaps = gapsOf(tangle, row.craft->id).size();
        auto words = QString(row.depth * 4, QLatin1Char(' ')) + name;
        if (gaps > 0) words += tr("  · %1 to do").arg(gaps);
        auto* button = new QPushButton(words);
        button->setObjectName(QStringLiteral("craft ") + name);
        button->setCheckable(true);
        button->setChecked(row.craft->id == m_chosen);
        button->setStyleSheet(QStringLiteral("text-align: left"));
        button->setFont(textFont(TextSize::Normal, row.craft->id == m_chosen));
        setTone(*button, "chip");
        connect(
            button, &QPushButton::clicked, this,
            [this, id = row.craft->id] {
                m_chosen = id;
                rebuild();
                Q_EMIT changed();
            },
            Qt::QueuedConnection);
        m_rows->column().addWidget(button);
    }
    m_rows->column().addStretch();
    findChild<QPushButton*>(QStringLiteral("remove craft"))->setEnabled(m_chosen != kEverywhere);
}

void CraftList::take(Tangle trial, const QString& step, const std::string& craft)
{
    m_chosen = craft;
    m_studio.document().edit(step, [&](Tangle& tangle) { tangle = std::move(trial); });
    Q_EMIT changed();
}

void CraftList::make()
{
    auto trial = m_studio.tangle();
    auto name = tr("New craft");
    for (int n = 2; std::ranges::count(trial.craft, name.toStdString(), &Craft::name) > 0; ++n)
        name = tr("New craft %1").arg(n);
    const auto made = addCraft(trial, name.toStdString(), m_chosen);
    if (!made) return m_studio.refuse(QString::fromStdString(made.error().text()));
    take(std::move(trial), tr("new craft"), *made);
    m_studio.say(tr("%1 inherits all of its family. Give it a name on the right.").arg(name));
}

void CraftList::copy()
{
    auto trial = m_studio.tangle();
    const auto made = copyCraft(trial, m_chosen);
    if (!made) return m_studio.refuse(QString::fromStdString(made.error().text()));
    take(std::move(trial), tr("copy craft"), *made);
}

void CraftList::remove()
{
    auto trial = m_studio.tangle();
    const auto* craft = findBy(trial.craft, &Craft::id, m_chosen);
    if (!craft) return;
    const auto name = QString::fromStdString(craft->name);
    const auto parent = craft->parent;
    if (const auto done = removeCraft(trial, m_chosen); !done)
        return m_studio.refuse(QString::fromStdString(done.error().text()));
    take(std::move(trial), tr("remove craft"), parent);
    m_studio.say(tr("%1 is removed with what was its own; undo brings it back.").arg(name));
}

}  // namespace jolly::app
