// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/shape/feel_bar.h"
#include "app/style/qt_text.h"

#include "app/models/axis_strand.h"
#include "app/shape/under_curves.h"
#include "app/style/wrap_layout.h"
#include "core/tangle/feel.h"
#include "core/tangle/lookup.h"

#include <QGridLayout>
#include <QLineEdit>
#include <QMenu>
#include <QPushButton>
#include <QWidgetAction>
#include <algorithm>

namespace jolly::app
{

FeelBar::FeelBar(Edits& edits, Flown& flown, QWidget* parent)
    : QWidget(parent), m_edits(edits), m_flown(flown)
{
    auto* row = new WrapLayout(6, this);
    const auto add = [&](QPushButton* button) {
        row->addWidget(button);
        m_buttons.push_back(button);
    };
    auto* straight = new QPushButton(tr("Straight"), this);
    straight->setObjectName(QStringLiteral("straight"));
    straight->setToolTip(tr("Takes away every stage that is feel: what comes in goes out."));
    connect(straight, &QPushButton::clicked, this, &FeelBar::straighten);
    add(straight);
    add(addMenu(tr("Feels…"), "feels", &FeelBar::fillFeels));
    add(addMenu(tr("Copy feel to…"), "copy feel", &FeelBar::fillCopies));
    add(addMenu(tr("Share shape with…"), "share shape", &FeelBar::fillShares));
    add(addMenu(tr("Compare with…"), "compare", &FeelBar::fillCompared));
    add(addMenu(tr("The sim…"), "the sim", &FeelBar::fillSim));
    m_reversed = new QPushButton(tr("Reversed for this flight"), this);
    m_reversed->setObjectName(QStringLiteral("reversed"));
    m_reversed->setCheckable(true);
    m_reversed->setToolTip(
        tr("Turns the axis round until you stand down; the tangle stays as it is."));
    connect(m_reversed, &QPushButton::clicked, this,
            [this](bool isOn) { m_flown.reverse(m_strand, isOn); });
    add(m_reversed);
}

QPushButton* FeelBar::addMenu(const QString& words, const char* name, void (FeelBar::*fill)(QMenu&))
{
    auto* button = new QPushButton(words, this);
    button->setObjectName(QLatin1String(name));
    auto* menu = new QMenu(button);
    connect(menu, &QMenu::aboutToShow, this, [this, menu, fill] {
        menu->clear();
        (this->*fill)(*menu);
    });
    button->setMenu(menu);
    return button;
}

void FeelBar::show(const std::string& strand)
{
    m_strand = strand;
    const auto* now = this->strand();
    for (auto* button : m_buttons) button->setEnabled(now != nullptr);
    if (!now) return;
    m_buttons.front()->setEnabled(!feelOf(*now).empty());
    m_reversed->setEnabled(m_flown.isLive());
    m_reversed->setChecked(m_flown.isReversed(strand));
}

const Strand* FeelBar::strand() const
{
    return findStrand(m_edits.tangle(), m_strand);
}

std::vector<const Strand*> FeelBar::others() const
{
    std::vector<const Strand*> all;
    for (const auto& other : m_edits.tangle().strands) {
        if (other.id != m_strand && isAxisStrand(m_edits.tangle(), other)) all.push_back(&other);
    }
    const auto* now = strand();
    std::ranges::stable_partition(
        all, [now](const Strand* other) { return now && other->source == now->source; });
    return all;
}

void FeelBar::edit(const QString& step, const std::function<void(Tangle&, Strand&)>& change)
{
    m_edits.apply({step, m_strand}, change);
}

void FeelBar::straighten()
{
    edit(tr("straight"), [](Tangle&, Strand& s) { giveFeel(s, {}); });
}

void FeelBar::fillFeels(QMenu& menu)
{
    for (const auto& feel : m_edits.tangle().feels) {
        const auto name = toQt(feel.name);
        menu.addAction(name, this, [this, name, stages = feel.stages] {
            edit(tr("feel %1").arg(name), [&](Tangle&, Strand& s) { giveFeel(s, stages); });
        });
    }
    if (m_edits.tangle().feels.empty())
        menu.addAction(tr("No feel is kept yet"))->setEnabled(false);
    menu.addSeparator();
    addKeepField(menu);
    removeFeels(menu);
}

void FeelBar::addKeepField(QMenu& menu)
{
    auto* field = new QLineEdit;
    field->setObjectName(QStringLiteral("keep feel as"));
    field->setPlaceholderText(tr("Keep this feel as: type a name, Enter"));
    field->setMinimumWidth(250);
    field->setAccessibleName(tr("Name under which this feel is kept"));
    auto* entry = new QWidgetAction(&menu);
    entry->setDefaultWidget(field);
    menu.addAction(entry);
    connect(field, &QLineEdit::returnPressed, this, [this, field, &menu] {
        const auto name = field->text().trimmed();
        if (name.isEmpty()) return m_edits.messages().refuse(tr("A feel needs a name to be kept."));
        edit(tr("keep feel %1").arg(name),
             [&](Tangle& tangle, Strand& s) { keepFeel(tangle, Strand(s), name.toStdString()); });
        m_edits.messages().say(tr("Kept as %1; any axis can have it.").arg(name));
        menu.close();
    });
}

void FeelBar::removeFeels(QMenu& menu)
{
    if (m_edits.tangle().feels.empty()) return;
    auto* removing = menu.addMenu(tr("Take one out of the library"));
    for (const auto& feel : m_edits.tangle().feels) {
        removing->addAction(toQt(feel.name), this, [this, name = feel.name] {
            m_edits.apply({tr("remove feel")}, [&](Tangle& tangle) {
                std::erase_if(tangle.feels, [&](const Feel& f) { return f.name == name; });
            });
        });
    }
}

void FeelBar::fillCopies(QMenu& menu)
{
    for (const auto* other : others()) {
        const auto name = nameWithCraft(m_edits.tangle(), *other);
        menu.addAction(name, this, [this, name, id = other->id] {
            edit(tr("copy feel to %1").arg(name), [&](Tangle& tangle, Strand& s) {
                if (auto* to = findStrand(tangle, id)) giveFeel(*to, feelOf(s));
            });
            m_edits.messages().say(tr("%1 has this feel now.").arg(name));
        });
    }
    if (menu.isEmpty()) menu.addAction(tr("There is no other axis yet"))->setEnabled(false);
}

void FeelBar::fillShares(QMenu& menu)
{
    const auto* now = strand();
    for (const auto* other : others()) {
        auto* entry = menu.addAction(nameWithCraft(m_edits.tangle(), *other));
        entry->setCheckable(true);
        entry->setChecked(now && !now->shape.empty() && now->shape == other->shape);
        connect(entry, &QAction::triggered, this,
                [this, id = other->id](bool isOn) { share(id, isOn); });
    }
    if (menu.isEmpty()) menu.addAction(tr("There is no other axis yet"))->setEnabled(false);
}

void FeelBar::share(const std::string& other, bool isShared)
{
    edit(isShared ? tr("share shape") : tr("shape of its own"), [&](Tangle& tangle, Strand&) {
        if (isShared) {
            shareShape(tangle, {m_strand, other});
        } else {
            ownShape(tangle, other);
        }
    });
}

/// What the sim does to the axis behind us.
void FeelBar::fillSim(QMenu& menu)
{
    auto* measure =
        menu.addAction(tr("Undo its bend, step by step…"), this, &FeelBar::counterCurveWanted);
    measure->setObjectName(QStringLiteral("counter-curve"));
    menu.addSeparator();
    const auto* now = strand();
    const auto& sheet = m_edits.tangle().sheet;
    if (sheet)
        addFact(menu, tr("%1 bends axes itself").arg(toQt(sheet->name)), sheet->bendsAxes,
                [](Tangle& tangle, bool isOn) { tangle.sheet->bendsAxes = isOn; });
    else
        menu.addAction(tr("No sim is chosen yet: on Weave, \"Made for\""))->setEnabled(false);
    const auto* craft = now ? findBy(m_edits.tangle().craft, &Craft::id, now->craft) : nullptr;
    if (craft)
        addFact(menu, tr("%1 wants its axes straight").arg(toQt(craft->name)), craft->wantsStraight,
                [id = craft->id](Tangle& tangle, bool isOn) {
                    findBy(tangle.craft, &Craft::id, id)->wantsStraight = isOn;
                });
}

void FeelBar::addFact(QMenu& menu, const QString& words, bool isSo,
                      const std::function<void(Tangle&, bool)>& change)
{
    auto* entry = menu.addAction(words);
    entry->setCheckable(true);
    entry->setChecked(isSo);
    connect(entry, &QAction::triggered, this, [this, words, change](bool isOn) {
        m_edits.apply({words}, [&](Tangle& tangle) { change(tangle, isOn); });
    });
}

void FeelBar::fillCompared(QMenu& menu)
{
    for (const auto* other : others()) {
        auto* entry = menu.addAction(nameWithCraft(m_edits.tangle(), *other));
        entry->setCheckable(true);
        entry->setChecked(m_compared.contains(other->id));
        connect(entry, &QAction::triggered, this, [this, id = other->id](bool isOn) {
            m_compared.erase(id);
            if (isOn && m_compared.size() >= kMostCompared)
                m_edits.messages().refuse(
                    tr("Four curves are the most to compare with; take one away first."));
            else if (isOn)
                m_compared.insert(id);
            Q_EMIT comparedChanged();
        });
    }
    if (menu.isEmpty()) menu.addAction(tr("There is no other axis yet"))->setEnabled(false);
}

}  // namespace jolly::app
