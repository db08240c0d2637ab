// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/devices/place_map.h"
#include "app/style/qt_text.h"
#include "app/listen/listen_field.h"
#include "app/strands/stage_editor.h"
#include "app/strands/strand_card.h"
#include "app/style/theme.h"
#include "app/style/wrap_layout.h"
#include "core/layers/family_edit.h"
#include "core/tangle/edit.h"
#include "core/tangle/goal_edit.h"
#include "core/tangle/lookup.h"
#include "core/tangle/signals.h"
#include "core/tangle/virtual_layout.h"

#include <QContextMenuEvent>
#include <QHBoxLayout>
#include <QInputDialog>
#include <QKeyEvent>
#include <QLineEdit>
#include <QMenu>
#include <QMouseEvent>
#include <QPushButton>

/// What can be done to a strand: its menu and the editor of the open stage.
namespace jolly::app
{

QMenu* StrandCard::makeMenu()
{
    auto* menu = new QMenu(this);
    menu->setObjectName(QStringLiteral("strand menu"));
    menu->addAction(tr("Rename…"), this, [this] {
        editText(tr("Name of the strand"), tr("rename strand"), &Strand::name);
    });
    menu->addAction(tr("Note…"), this,
                    [this] { editText(tr("Note on the strand"), tr("note"), &Strand::note); });
    menu->addAction(tr("Begin at another control…"), this, &StrandCard::askForSource);
    menu->addAction(tr("End at another control…"), this,
                    [this] { askForPlace(m_weaver, m_id, 0, window()); });
    addHalves(*menu);
    menu->addAction(tr("Switch off or on"), this, [this] {
        edit(m_shown.isOn ? tr("switch strand off") : tr("switch strand on"),
             [](Tangle&, Strand& s) { s.isOn = !s.isOn; });
    });
    menu->addAction(tr("Rest or keep its value when the controller goes away"), this, [this] {
        edit(tr("rest or keep"), [](Tangle&, Strand& s) {
            s.whenAway = s.whenAway == WhenAway::Rest ? WhenAway::Keep : WhenAway::Rest;
        });
    });
    menu->addAction(tr("Copy, to paste at another control (Ctrl+V)"), this,
                    [this] { m_weaver.copy(m_shown); });
    auto* alone = menu->addAction(tr("Take it for this craft alone"), this, [this] {
        const auto craft = m_weaver.edits().stance().footing().craft;
        m_weaver.edits().applyToWhole({tr("take for this craft alone")}, [&](Tangle& tangle) {
            return moveToCraft(tangle, m_id, craft);
        });
    });
    alone->setObjectName(QStringLiteral("for this craft alone"));
    connect(menu, &QMenu::aboutToShow, this, [this, alone] {
        alone->setVisible(isInherited(m_shown, m_weaver.edits().stance().footing().craft));
    });
    menu->addAction(tr("Duplicate"), this, [this] {
        edit(tr("duplicate strand"),
             [](Tangle& tangle, Strand& s) { duplicate(tangle, std::string(s.id)); });
    });
    menu->addSeparator();
    menu->addAction(tr("Remove the strand"), this, [this] {
        edit(tr("remove strand"), [this](Tangle& tangle, Strand&) {
            std::erase_if(tangle.strands, [this](const auto& s) { return s.id == m_id; });
        });
    });
    return menu;
}

/// How much of its axis a strand moves.
void StrandCard::addHalves(QMenu& menu)
{
    const auto& tangle = m_weaver.edits().tangle();
    const auto hasHalves = [&](const Target& target) {
        const auto* device = findDevice(tangle, target.device);
        return target.control.kind == ControlKind::Axis && device &&
               mayRestInMiddle(*device, target.control);
    };
    if (std::ranges::none_of(targetsOf(m_shown), hasHalves)) return;
    auto* halves = menu.addMenu(tr("How much of its axis it moves"));
    const std::pair<QString, Part> kParts[] = {{tr("All of it"), Part::Whole},
                                               {tr("The upper half"), Part::Upper},
                                               {tr("The lower half"), Part::Lower}};
    for (const auto& [words, part] : kParts) {
        halves->addAction(words, this, [this, part = part] {
            const auto set = [this, part](Tangle& edited, Strand& strand) {
                Fallible done;
                for (std::size_t end = 0; end < strand.ends.size() && done; ++end)
                    done = setPart(edited, strand.id, end, part);
                return done;
            };
            m_weaver.edits().apply({tr("half of an axis"), m_id}, set);
        });
    }
}

void StrandCard::askForSource()
{
    openEditor(-1);
    auto* field = new ListenField(
        m_weaver.selection(), m_weaver.edits().messages(),
        [this](const DeskController&, const RigControl& c) { return c.kind == m_kind; });
    field->setObjectName(QStringLiteral("begin at"));
    m_editorPlace->layout()->addWidget(field);
    m_editorPlace->show();
    connect(field, &ListenField::chosen, this, &StrandCard::beginAt, Qt::QueuedConnection);
    field->listen();
}

void StrandCard::beginAt(const Source& control)
{
    const auto* desk = m_weaver.selection().feed().controllerOf(control);
    if (!desk) return;
    auto& weaver = m_weaver;  // the card goes with the selection
    const auto begin = [&](Tangle& tangle) {
        return jolly::beginAt(tangle, m_id, desk->rig, control.control);
    };
    if (weaver.edits().apply({tr("begin strand elsewhere")}, begin))
        weaver.selection().select(control);
}

/// The question outlives the card: while it is open a touch may select another control.
void StrandCard::editText(const QString& question, const QString& step, std::string Strand::*member)
{
    auto& edits = m_weaver.edits();
    const auto id = m_id;
    bool isGiven = false;
    const auto given = QInputDialog::getText(window(), question, question, QLineEdit::Normal,
                                             toQt(m_shown.*member), &isGiven);
    if (!isGiven) return;
    edits.apply({step, id}, [&](Strand& strand) { strand.*member = given.toStdString(); });
}

void StrandCard::openEditor(int stage)
{
    delete m_editor;
    m_editor = nullptr;
    while (auto* item = m_editorPlace->layout()->takeAt(0)) {
        delete item->widget();
        delete item;
    }
    const bool isThere = stage >= 0 && static_cast<std::size_t>(stage) < m_shown.stages.size();
    m_openStage = isThere ? stage : -1;
    for (std::size_t i = 0; i < m_boxes.size(); ++i)
        m_boxes[i].card->setMarked(static_cast<int>(i) == m_openStage);
    m_editorPlace->setVisible(isThere);
    if (!isThere) return;
    const auto place = static_cast<std::size_t>(stage);
    const auto signals = signalsOf(m_weaver.edits().tangle(), m_shown);
    m_editor = new StageEditor(m_weaver.edits(), m_weaver.selection(), m_id, place,
                               {signals[place]}, StageEditor::Points::Plot, m_editorPlace);
    m_editorPlace->layout()->addWidget(m_editor);
    m_editorPlace->layout()->addWidget(makeStageButtons(static_cast<std::size_t>(stage)));
    Q_EMIT stageOpened();
}

QWidget* StrandCard::makeStageButtons(std::size_t stage)
{
    auto* bar = new QWidget(m_editorPlace);
    auto* row = new WrapLayout(6, bar);
    const auto add = [&](const QString& label, const char* name,
                         const std::function<void()>& deed) {
        auto* button = new QPushButton(label, bar);
        button->setObjectName(QLatin1String(name));
        connect(button, &QPushButton::clicked, this, deed, Qt::QueuedConnection);
        row->addWidget(button);
    };
    add(m_shown.stages[stage].isOn ? tr("Switch off") : tr("Switch on"), "stage on", [this, stage] {
        edit(tr("switch stage"),
             [stage](Tangle&, Strand& s) { s.stages[stage].isOn = !s.stages[stage].isOn; });
        openEditor(static_cast<int>(stage));
    });
    if (stage > 0) add(tr("Earlier"), "stage earlier", [this, stage] { moveStage(stage, -1); });
    if (stage + 1 < m_shown.stages.size())
        add(tr("Later"), "stage later", [this, stage] { moveStage(stage, 1); });
    row->addStretch();
    add(tr("Remove stage"), "stage remove", [this, stage] { removeStage(stage); });
    return bar;
}

bool StrandCard::eventFilter(QObject* watched, QEvent* event)
{
    const bool isClick = event->type() == QEvent::MouseButtonRelease;
    const bool isKey = event->type() == QEvent::KeyPress &&
                       (static_cast<QKeyEvent*>(event)->key() == Qt::Key_Return ||
                        static_cast<QKeyEvent*>(event)->key() == Qt::Key_Space);
    if (isClick || isKey) {
        for (std::size_t i = 0; i < m_boxes.size(); ++i) {
            if (watched != m_boxes[i].card) continue;
            openEditor(m_openStage == static_cast<int>(i) ? -1 : static_cast<int>(i));
            return true;
        }
    }
    return Card::eventFilter(watched, event);
}

void StrandCard::contextMenuEvent(QContextMenuEvent* event)
{
    findChild<QPushButton*>(QStringLiteral("more"))->menu()->popup(event->globalPos());
}

}  // namespace jolly::app
