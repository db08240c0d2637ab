// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/craft/craft_list.h"
#include "app/style/qt_text.h"

#include "app/style/theme.h"
#include "core/layers/family.h"
#include "core/layers/family_edit.h"
#include "core/tangle/lookup.h"

#include <QLabel>
#include <QPushButton>
#include <QVBoxLayout>

namespace jolly::app
{

CraftList::CraftList(Edits& edits, QWidget* parent)
    : QWidget(parent), m_edits(edits), m_rows(new ScrollColumn("craft rows", 4))
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
    const auto& tangle = m_edits.tangle();
    if (!findBy(tangle.craft, &Craft::id, m_chosen)) m_chosen = kEverywhere;
    clearLayout(m_rows->column());
    for (const auto& row : craftByFamily(tangle)) {
        const auto name = toQt(row.craft->name);
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

/// What was made, or what is left, is chosen.
bool CraftList::take(const QString& step, const std::function<Result<std::string>(Tangle&)>& how)
{
    std::string chosen;
    const bool isDone =
        m_edits.applyToWhole({step}, [&](Tangle& tangle) { return keep(how(tangle), chosen); });
    if (isDone) choose(chosen);
    return isDone;
}

void CraftList::make()
{
    const auto& craft = m_edits.tangle().craft;
    auto name = tr("New craft");
    for (int n = 2; std::ranges::count(craft, name.toStdString(), &Craft::name) > 0; ++n)
        name = tr("New craft %1").arg(n);
    const auto parent = m_chosen;
    if (take(tr("new craft"),
             [&](Tangle& tangle) { return addCraft(tangle, name.toStdString(), parent); }))
        m_edits.messages().say(
            tr("%1 inherits all of its family. Give it a name on the right.").arg(name));
}

void CraftList::copy()
{
    const auto model = m_chosen;
    take(tr("copy craft"), [&](Tangle& tangle) { return copyCraft(tangle, model); });
}

void CraftList::remove()
{
    const auto* craft = findBy(m_edits.tangle().craft, &Craft::id, m_chosen);
    if (!craft) return;
    const auto removed = *craft;
    const auto removal = [&](Tangle& tangle) -> Result<std::string> {
        const auto done = removeCraft(tangle, removed.id);
        return done ? Result<std::string>(removed.parent) : tl::unexpected(done.error());
    };
    if (take(tr("remove craft"), removal))
        m_edits.messages().say(tr("%1 is removed with what was its own; undo brings it back.")
                                   .arg(toQt(removed.name)));
}

}  // namespace jolly::app
