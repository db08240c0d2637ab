// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/craft/craft_details.h"

#include "app/craft/craft_picture.h"
#include "app/style/qt_text.h"
#include "app/style/quiet_fields.h"
#include "app/style/scroll_column.h"
#include "app/style/theme.h"
#include "core/layers/compare.h"
#include "core/layers/family.h"
#include "core/layers/family_edit.h"
#include "core/tangle/function_edit.h"
#include "core/tangle/lookup.h"

#include <QComboBox>
#include <QHBoxLayout>
#include <QLabel>
#include <QLineEdit>
#include <QPlainTextEdit>
#include <QPushButton>
#include <QVBoxLayout>

namespace jolly::app
{

namespace
{

/// A text field that tells what was typed when it is left, also when it goes.
class NoteField : public QPlainTextEdit
{
 public:
    NoteField(const QString& text, std::function<void(const QString&)> left)
        : QPlainTextEdit(text), m_told(text), m_left(std::move(left))
    {
        setTabChangesFocus(true);
    }

 protected:
    void focusOutEvent(QFocusEvent* event) override
    {
        QPlainTextEdit::focusOutEvent(event);
        const auto now = toPlainText();
        if (std::exchange(m_told, now) != now) m_left(now);
    }

 private:
    QString m_told;
    std::function<void(const QString&)> m_left;
};

/// What does a function, by its id, for a craft: "2 of Skerry Stick, in On water"; empty when
/// nothing does.
QString doneBy(const Tangle& tangle, const Tangle& view, const std::string& function)
{
    QStringList names;
    for (const auto& strand : view.strands) {
        if (!strand.isOn || !does(tangle, strand, function)) continue;
        const auto* controller = findController(tangle, strand.source.controller);
        const auto* control =
            controller ? findControl(*controller, strand.source.control) : nullptr;
        const auto* layer = findBy(tangle.layers, &Layer::id, strand.layer);
        if (!control) continue;
        auto words = toQt(say("%1 %2", controller->alias, nameOf(*controller, *control)));
        if (layer && layer->id != kBase) words += QStringLiteral(" · ") + toQt(layer->name);
        names << words;
    }
    names.removeDuplicates();
    return names.join(QStringLiteral(", "));
}

}  // namespace

CraftDetails::CraftDetails(Edits& edits, LiveFeed& feed, QWidget* parent)
    : Card(parent),
      m_edits(edits),
      m_feed(feed),
      m_aside(feed.session().way()),
      m_column(new QVBoxLayout(this))
{
    setObjectName(QStringLiteral("craft details"));
    m_column->setContentsMargins(16, 14, 16, 14);
    m_column->setSpacing(7);
}

QLabel* CraftDetails::makeWords(const QString& words, const char* tone)
{
    auto* label = new QLabel(words, this);
    label->setWordWrap(true);
    label->setFont(textFont(TextSize::Small));
    setTone(*label, tone);
    return label;
}

/// What was typed is of the craft that it was typed for, whichever is shown by now.
void CraftDetails::changeLater(const std::string& id, const QString& step,
                               std::function<void(Craft&)> how)
{
    later(this, [this, id, step, how = std::move(how)] {
        m_edits.applyToWhole({step}, [&](Tangle& tangle) {
            if (auto* craft = findBy(tangle.craft, &Craft::id, id)) how(*craft);
        });
    });
}

void CraftDetails::tryOut(const QString& step, const std::function<Fallible(Tangle&)>& how)
{
    if (m_edits.applyToWhole({step}, how)) return;
    m_shown.reset();  // the field says what is so
    show(m_craft);
}

void CraftDetails::show(const std::string& id)
{
    if (id == m_craft && m_shown == m_edits.tangle()) return;
    if (id != m_craft) commitTyped(*this);
    m_craft = id;
    m_shown = m_edits.tangle();
    clearLayout(*m_column);
    const auto* craft = findBy(m_edits.tangle().craft, &Craft::id, id);
    if (!craft) return;
    addHead(*craft);
    addFamily(*craft);
    addPicture(*craft);
    addNote(*craft);
    addFunctions(*craft);
    m_column->addStretch();
}

void CraftDetails::addHead(const Craft& craft)
{
    auto* row = new QHBoxLayout;
    auto* name = new QLineEdit(toQt(craft.name), this);
    name->setObjectName(QStringLiteral("craft name"));
    name->setAccessibleName(tr("Name of the craft"));
    name->setFont(textFont(TextSize::Title, true));
    connect(name, &QLineEdit::editingFinished, this, [this, name, id = craft.id] {
        later(this, [this, id, words = name->text().trimmed().toStdString()] {
            tryOut(tr("rename craft"), [&](Tangle& t) { return renameCraft(t, id, words); });
        });
    });
    const bool isFlown = m_edits.stance().footing().craft == craft.id;
    auto* fly = new QPushButton(isFlown ? tr("flown now") : tr("Fly and edit it"), this);
    fly->setObjectName(QStringLiteral("fly it"));
    fly->setEnabled(!isFlown);
    connect(
        fly, &QPushButton::clicked, this,
        [this, id = craft.id] { m_edits.stance().chooseCraft(id); }, Qt::QueuedConnection);
    row->addWidget(name, 1);
    row->addWidget(fly);
    m_column->addLayout(row);
}

void CraftDetails::addFamily(const Craft& craft)
{
    const auto& tangle = m_edits.tangle();
    if (craft.id != kEverywhere) {
        auto* row = new QHBoxLayout;
        row->addWidget(makeWords(tr("Family"), "dim"));
        auto* family = new QComboBox(this);
        family->setObjectName(QStringLiteral("family"));
        family->setAccessibleName(tr("Family of the craft"));
        for (const auto& each : craftByFamily(tangle)) {
            if (each.craft->id == craft.id) continue;
            family->addItem(QString(each.depth * 3, QLatin1Char(' ')) + toQt(each.craft->name),
                            toQt(each.craft->id));
        }
        family->setCurrentIndex(family->findData(toQt(craft.parent)));
        connect(family, &QComboBox::activated, this, [this, family, id = craft.id](int index) {
            later(this, [this, id, parent = family->itemData(index).toString().toStdString()] {
                tryOut(tr("family of a craft"),
                       [&](Tangle& t) { return jolly::setParent(t, id, parent); });
            });
        });
        row->addWidget(family, 1);
        m_column->addLayout(row);
    }
    const auto count = ownCounts(tangle)[placeOfCraft(tangle, craft.id)];
    const auto all = static_cast<int>(strandsOf(tangle, craft.id).size());
    m_column->addWidget(makeWords(
        craft.id == kEverywhere
            ? tr("%n strand(s), which every craft inherits.", nullptr, all)
            : tr("%n strand(s): %1 of its own, %2 that change inherited ones.", nullptr, all)
                  .arg(count.added)
                  .arg(count.changed),
        "dim"));
    if (const auto* sheet = sheetOf(tangle, craft.id))
        m_column->addWidget(makeWords(tr("Made for %1.").arg(toQt(sheet->name)), "dim"));
}

void CraftDetails::addPicture(const Craft& craft)
{
    auto* row = new QHBoxLayout;
    if (!craft.picture.empty())
        row->addWidget(new CraftPicture(toQt(craft.picture), m_aside, this));
    auto* choose = new QPushButton(
        craft.picture.empty() ? tr("Give it a picture…") : tr("Another picture…"), this);
    choose->setObjectName(QStringLiteral("choose picture"));
    setTone(*choose, "plain-straw");
    connect(
        choose, &QPushButton::clicked, this, [this, id = craft.id] { Q_EMIT pictureWanted(id); },
        Qt::QueuedConnection);
    row->addWidget(choose);
    row->addStretch();
    m_column->addLayout(row);
}

void CraftDetails::addNote(const Craft& craft)
{
    auto* note = new NoteField(toQt(craft.note), [this, id = craft.id](const QString& text) {
        changeLater(id, tr("note of a craft"),
                    [words = text.trimmed().toStdString()](Craft& c) { c.note = words; });
    });
    note->setObjectName(QStringLiteral("craft note"));
    note->setAccessibleName(tr("Notes"));
    note->setPlaceholderText(tr("Notes"));
    note->setFixedHeight(56);
    m_column->addWidget(note);
}

/// What it shall be able to do, a line each, and beneath what does it.
void CraftDetails::addFunctions(const Craft& craft)
{
    const auto& tangle = m_edits.tangle();
    const auto view = tangleOf(tangle, craft.id);
    const auto functions = functionsOf(tangle, craft.id);
    const auto gaps = gapsOf(tangle, craft.id);
    m_column->addWidget(makeWords(functions.empty()
                                      ? tr("What it shall be able to do, a line each:")
                                      : tr("It shall be able to do %1 things; %2 are done.")
                                            .arg(functions.size())
                                            .arg(functions.size() - gaps.size()),
                                  "dim"));
    QStringList own;
    for (const auto& function : craft.functions) own << toQt(functionName(tangle, function));
    const auto takeLines = [this, id = craft.id](const QString& text) {
        std::vector<std::string> lines;
        for (const auto& line : text.split(QLatin1Char('\n'), Qt::SkipEmptyParts)) {
            if (!line.trimmed().isEmpty()) lines.push_back(line.trimmed().toStdString());
        }
        later(this, [this, id, lines = std::move(lines)] {
            m_edits.applyToWhole({tr("functions of a craft")},
                                 [&](Tangle& changed) { setFunctions(changed, id, lines); });
        });
    };
    auto* field = new NoteField(own.join(QLatin1Char('\n')), takeLines);
    field->setObjectName(QStringLiteral("craft functions"));
    field->setAccessibleName(tr("Functions, a line each"));
    field->setFixedHeight(84);
    m_column->addWidget(field);
    auto* list = new ScrollColumn("function rows", 2, this);
    for (const auto& function : functions) {
        const auto by = doneBy(tangle, view, function);
        const bool isGap = std::ranges::find(gaps, function) != gaps.end();
        const auto name = toQt(functionName(tangle, function));
        auto* line =
            makeWords(isGap ? tr("○ %1: nothing does it yet").arg(name)
                            : QStringLiteral("● %1: %2").arg(name, by.isEmpty() ? tr("done") : by),
                      isGap ? "coral" : "dim");
        list->column().addWidget(line);
    }
    list->column().addStretch();
    m_column->addWidget(list, 1);
}

}  // namespace jolly::app
