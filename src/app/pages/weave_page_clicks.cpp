// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/listen/chord_field.h"
#include "app/style/qt_text.h"
#include "app/pages/weave_page.h"
#include "app/strands/taken_card.h"
#include "app/style/elided_label.h"
#include "app/style/theme.h"
#include "core/layers/layer_edit.h"
#include "core/tangle/device_edit.h"
#include "core/tangle/lookup.h"
#include "core/tangle/roles.h"
#include "core/weave/explain.h"

#include <QMenu>
#include <algorithm>

/// What a click, a drop or recorded keys do on Weave.
namespace jolly::app
{

namespace
{

/// "Twinlever Q2 · left power lever, forward is more".
QString whereText(const RigController& rig, ControlCode code)
{
    const auto nature = natureOf(*findControl(rig, code));
    return nature.empty() ? toQt(rig.alias) : toQt(say("%1 · %2", rig.alias, nature));
}

}  // namespace

/// A click of the mouse leads what was selected when the pointer came, so that a bumped lever
/// decides nothing.
std::optional<Source> WeavePage::clicksLead() const
{
    return m_atEntry ? *m_atEntry : m_studio.selection().selected();
}

/// The chosen outlet is led anywhere. Else a free virtual control is led to, a taken one is only
/// looked at.
void WeavePage::takeClick(const Target& target, bool byMouse)
{
    if (m_choice.row()) return m_choice.lead(*m_choice.row(), target);
    leadOrAsk(byMouse ? clicksLead() : m_studio.selection().selected(), target);
}

/// A control is led to a free virtual one; what shall happen at a taken one is asked.
void WeavePage::leadOrAsk(const std::optional<Source>& from, const Target& target)
{
    if (m_studio.stance().takersOf(target).empty()) {
        m_studio.weaver().lead(from, target);
        showInMiddle(nullptr);
        return showWhere(target);
    }
    auto* card = new TakenCard(m_studio.weaver(), target, from);
    connect(
        card, &TakenCard::done, this, [this] { showInMiddle(nullptr); }, Qt::QueuedConnection);
    showInMiddle(card);
}

/// Beside the selected control: where it is, or what a click on the virtual one under the pointer
/// would do.
void WeavePage::showWhere(const std::optional<Target>& pointed)
{
    const auto& selected = m_studio.selection().selected();
    const auto* controller = selected ? m_studio.feed().controllerOf(*selected) : nullptr;
    const auto where = controller ? whereText(controller->rig, selected->control) : QString();
    const auto waits =
        m_choice.row()
            ? tr("Click where %1 shall lead, on the right.").arg(m_choice.nameOf(*m_choice.row()))
            : QString();
    m_where->setText(pointed ? whatClickDoes(*pointed) : waits.isEmpty() ? where : waits);
    setTone(*m_where, pointed || m_choice.row() ? "straw" : "dim");
}

QString WeavePage::whatClickDoes(const Target& target) const
{
    const auto place = toQt(placeName(m_studio.tangle(), target));
    if (m_choice.row())
        return tr("A click leads %1 to %2.").arg(m_choice.nameOf(*m_choice.row()), place);
    const auto takers = m_studio.stance().takersOf(target);
    if (takers.size() == 1)
        return tr("%1 leads to %2. A click shows it.").arg(toQt(takers.front()->name), place);
    if (!takers.empty())
        return tr("%n strand(s) lead to %1. A click shows them.", nullptr,
                  static_cast<int>(takers.size()))
            .arg(place);
    const auto from = clicksLead();
    if (!from || !m_studio.feed().controllerOf(*from))
        return tr("%1 is free. Touch a control first.").arg(place);
    const auto name = m_studio.feed().nameOf(*from);
    return m_studio.weaver().mayLead(*from, target)
               ? tr("A click leads %1 to %2.").arg(name, place)
               : tr("%1 is free, but does not take %2.").arg(place, name);
}

/// What was dragged from one virtual control to another ends there from now on.
void WeavePage::moveEndTo(const Target& from, QPoint at)
{
    m_loose.reset();
    placeThreads();
    const auto to = m_devices.targetAt(at);
    const auto takers = m_studio.stance().takersOf(from);
    if (!to || takers.empty() || *to == from) return;
    const auto& ends = takers.front()->ends;
    const auto end = std::ranges::find(ends, Goal(from), &End::goal);
    m_studio.weaver().moveEnd(takers.front()->id, static_cast<std::size_t>(end - ends.begin()),
                              *to);
}

/// The chosen outlet engages a layer from now on; else the selected control does.
void WeavePage::leadToLayer(const std::string& layer)
{
    if (m_choice.row()) return m_choice.lead(*m_choice.row(), LayerGoal{layer, Engage::Hold});
    const auto from = clicksLead();
    const auto* desk = from ? m_studio.feed().controllerOf(*from) : nullptr;
    if (!desk)
        return m_studio.messages().refuse(
            tr("Touch a control first; then a click lets it engage the layer."));
    std::string rule;
    const auto engage = [&](Tangle& tangle) {
        return keep(engageBy(tangle, desk->rig, from->control, layer, Engage::Hold,
                             m_studio.stance().footing().craft),
                    rule);
    };
    if (!m_studio.edits().applyToWhole({tr("new rule")}, engage)) return;
    m_studio.stance().chooseLayer(std::string(kBase));
    const auto& strand = *findStrand(m_studio.tangle(), rule);
    m_studio.messages().say(toQt(explainNow(m_studio.tangle(), strand, strand.ends.front())));
}

/// Keys for the chosen outlet, or for the selected control.
void WeavePage::recordKeys()
{
    const auto from = m_studio.selection().selected();
    if (!m_choice.row() && (!from || !m_studio.feed().controllerOf(*from)))
        return m_studio.messages().refuse(
            tr("Touch a control first, or choose one of its outlets."));
    auto* card = new Card;
    auto* column = new QVBoxLayout(card);
    auto* words = new QLabel(tr("Keys for %1")
                                 .arg(m_choice.row() ? m_choice.nameOf(*m_choice.row())
                                                     : m_studio.feed().nameOf(*from)));
    auto* field = new ChordField(m_studio.selection(), m_studio.messages());
    column->addWidget(words);
    column->addWidget(field);
    const auto close = [this] { showInMiddle(nullptr); };
    connect(field, &ChordField::givenUp, this, close, Qt::QueuedConnection);
    connect(
        field, &ChordField::recorded, this,
        [this, from, close, row = m_choice.row()](const std::vector<std::uint16_t>& keys) {
            close();
            row ? m_choice.leadToKeys(*row, keys) : m_choice.weaveKeys(*from, keys);
        },
        Qt::QueuedConnection);
    showInMiddle(card);
    field->listen();
}

/// What can be done with a virtual control, and with its device.
void WeavePage::openDeviceMenu(const std::string& device, const std::optional<Target>& place,
                               QPoint at)
{
    const auto* shown = findDevice(m_studio.tangle(), device);
    if (!shown) return;
    auto* menu = new QMenu(this);
    menu->setAttribute(Qt::WA_DeleteOnClose);
    menu->setObjectName(QStringLiteral("device menu"));
    if (place) {
        menu->addSection(toQt(placeName(m_studio.tangle(), *place)));
        menu->addAction(whatClickDoes(*place), this,
                        [this, place = *place] { takeClick(place, false); })
            ->setObjectName(QStringLiteral("here click"));
    }
    menu->addSection(toQt(shown->name));
    menu->addAction(tr("Name and size…"), this, [this, device] { sizeDevice(device); })
        ->setObjectName(QStringLiteral("here size"));
    menu->addAction(tr("Add a copy"), this, [this, device] {
        m_studio.edits().applyToWhole({tr("copy device")},
                                      [&](Tangle& tangle) { copyDevice(tangle, device); });
    });
    menu->addAction(tr("Remove it…"), this, [this, device] { Q_EMIT removalWanted(device); })
        ->setObjectName(QStringLiteral("here remove"));
    menu->popup(at);
}

}  // namespace jolly::app
