// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/layers/stack_list.h"
#include "app/style/qt_text.h"

#include "app/listen/listen_field.h"
#include "app/style/elided_button.h"
#include "app/style/elided_label.h"
#include "app/style/theme.h"
#include "core/layers/family.h"
#include "core/layers/layer_edit.h"
#include "core/layers/rules.h"
#include "core/tangle/lookup.h"

#include <QPushButton>
#include <QVBoxLayout>
#include <algorithm>
#include <functional>

namespace jolly::app
{

StackList::StackList(Edits& edits, Selection& selection, QWidget* parent)
    : QWidget(parent),
      m_edits(edits),
      m_selection(selection),
      m_scroll(new ScrollColumn("stack", 8)),
      m_title(new ElidedLabel(this)),
      m_new(new ListenField(selection, edits.messages(),
                            [](const DeskController&, const RigControl& control) {
                                return control.kind == ControlKind::Button ||
                                       control.kind == ControlKind::Axis;
                            })),
      m_chord(new ElidedButton(tr("New layer: two others at once"), this)),
      m_crowding(new QLabel(this))
{
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(6);
    m_title->setFont(textFont(TextSize::Normal, true));
    setTone(*m_title, "title");
    auto* hint = new QLabel(tr("The highest engaged layer that has a strand wins."), this);
    hint->setFont(textFont(TextSize::Small));
    hint->setWordWrap(true);
    setTone(*hint, "dim");
    column->addWidget(m_title);
    column->addWidget(hint);
    column->addWidget(m_scroll, 1);
    m_new->setObjectName(QStringLiteral("new layer"));
    m_new->setText(tr("New layer: touch its control"));
    m_new->setToolTip(tr("Touch the control that shall engage it, or choose one from the list."));
    column->addWidget(m_new);
    connect(m_new, &ListenField::chosen, this, &StackList::makeLayer);
    m_chord->setObjectName(QStringLiteral("new chord"));
    m_chord->setFont(textFont(TextSize::Small));
    m_chord->setToolTip(tr("A layer that counts while two modifiers are held at once."));
    connect(m_chord, &QPushButton::clicked, this, &StackList::makeChord, Qt::QueuedConnection);
    column->addWidget(m_chord);
    m_crowding->setObjectName(QStringLiteral("crowding"));
    m_crowding->setWordWrap(true);
    m_crowding->setFont(textFont(TextSize::Small));
    m_crowding->setTextFormat(Qt::PlainText);
    setTone(*m_crowding, "dim");
    column->addWidget(m_crowding);
    m_scroll->column().addStretch();
}

void StackList::rebuild()
{
    const auto& layers = m_edits.tangle().layers;
    std::vector<std::string> ids;
    for (auto layer = layers.rbegin(); layer != layers.rend(); ++layer) ids.push_back(layer->id);
    if (ids != m_layers) {
        for (auto* card : m_cards) {
            card->hide();
            card->deleteLater();
        }
        m_cards.clear();
        m_layers = ids;
        for (const auto& id : ids) {
            auto* card = new LayerCard;
            m_scroll->column().insertWidget(m_scroll->column().count() - 1, card);
            connect(card, &LayerCard::chosen, this,
                    [this, id] { m_edits.stance().chooseLayer(id); });
            connect(card, &LayerCard::peeked, this, [this, id](bool isPeeked) {
                m_edits.stance().peek(isPeeked ? id : std::string());
            });
            connect(
                card, &LayerCard::movedBy, this, [this, id](int places) { move(id, places); },
                Qt::QueuedConnection);
            connect(
                card, &LayerCard::removalWanted, this, [this, id] { remove(id); },
                Qt::QueuedConnection);
            m_cards.push_back(card);
        }
    }
    m_states.clear();
    for (std::size_t i = 0; i < layers.size(); ++i)
        m_states.push_back(stateOf(layers.size() - 1 - i));
    m_crowded = crowding();
    m_chord->setVisible(layers.size() > 2);
    m_title->setText(tr("Layer stack of %1").arg(m_edits.stance().craftName()));
    showLamps();
}

LayerCard::State StackList::stateOf(std::size_t place) const
{
    const auto& tangle = m_edits.tangle();
    const auto& stance = m_edits.stance();
    const auto& layer = tangle.layers[place];
    const auto count = std::ranges::count(stance.view().strands, layer.id, &Strand::layer);
    auto words = tr("%n strand(s)", nullptr, static_cast<int>(count));
    if (!layer.group.empty()) words += tr(" · one only of %1").arg(toQt(layer.group));
    return {.name = toQt(layer.name),
            .rule = toQt(whenEngaged(tangle, layer, stance.strands())),
            .strands = words,
            .place = place};
}

void StackList::showLamps()
{
    const auto& layers = m_edits.tangle().layers;
    const auto& stance = m_edits.stance();
    for (std::size_t i = 0; i < m_cards.size(); ++i) {
        auto& state = m_states[i];
        const auto& id = layers[state.place].id;
        state.isEngaged = state.place < kMostLayers && stance.isEngaged(state.place);
        state.isByHand = stance.isByHand(id);
        state.isPeeked = stance.peeked() == id;
        state.isChosen = stance.footing().layer == id;
        m_cards[i]->show(state);
    }
    auto facts = m_crowded;
    if (const auto pressed = mostPressed(); !pressed.isEmpty()) facts << pressed;
    m_crowding->setText(facts.join(QLatin1Char('\n')));
    m_crowding->setVisible(!facts.isEmpty());
}

/// One touch makes the layer and its rule; the layer is worked in from then on.
void StackList::makeLayer(const Source& control)
{
    const auto* desk = m_selection.feed().controllerOf(control);
    if (!desk) return;
    const auto name = tr("%1 held").arg(m_selection.feed().nameOf(control));
    const auto craft = m_edits.stance().footing().craft;
    std::string layer;
    const bool isDone = m_edits.applyToWhole({tr("new layer")}, [&](Tangle& tangle) -> Fallible {
        std::string rule;
        if (auto added = keep(addLayer(tangle, name.toStdString()), layer); !added) return added;
        return keep(engageBy(tangle, desk->rig, control.control, layer, Engage::Hold, craft), rule);
    });
    if (!isDone) return;
    m_edits.stance().chooseLayer(layer);
    m_edits.messages().say(
        tr("\"%1\" is on top of the stack. Its name and its rule are on the right.").arg(name));
}

/// A layer above all that needs the two below it; which ones it needs is chosen on the right.
void StackList::makeChord()
{
    const auto& layers = m_edits.tangle().layers;
    const std::vector<Layer> needed(layers.end() - 2, layers.end());
    const auto name = needed[0].name + " + " + needed[1].name;
    std::string layer;
    const bool isDone = m_edits.applyToWhole({tr("new layer")}, [&](Tangle& tangle) -> Fallible {
        if (auto added = keep(addLayer(tangle, name), layer); !added) return added;
        tangle.layers.back().needs = {needed[0].id, needed[1].id};
        return {};
    });
    if (!isDone) return;
    m_edits.stance().chooseLayer(layer);
    m_edits.messages().say(
        tr("\"%1\" is engaged while both are. What it needs is on the right.").arg(toQt(name)));
}

void StackList::move(const std::string& id, int places)
{
    const auto now = static_cast<int>(placeOfLayer(m_edits.tangle(), id));
    const auto to = static_cast<std::size_t>(std::max(1, now + places));
    m_edits.applyToWhole({tr("move layer")},
                         [&](Tangle& tangle) { return moveLayer(tangle, id, to); });
    for (std::size_t i = 0; i < m_layers.size(); ++i) {
        if (m_layers[i] == id) m_cards[i]->setFocus();
    }
}

void StackList::remove(const std::string& id)
{
    const auto* layer = findBy(m_edits.tangle().layers, &Layer::id, id);
    const auto name = layer ? toQt(layer->name) : QString();
    if (m_edits.applyToWhole({tr("remove layer")},
                             [&](Tangle& tangle) { return removeLayer(tangle, id); }))
        m_edits.messages().say(
            tr("%1 is removed with its strands; undo brings it back.").arg(name));
}

/// The control that means most, and how many functions are behind two modifiers.
QStringList StackList::crowding() const
{
    const auto& tangle = m_edits.tangle();
    QStringList facts;
    std::vector<std::size_t> modifiers;
    for (const auto& layer : tangle.layers) modifiers.push_back(modifiersOf(tangle, layer));
    std::size_t most = 2;
    QString crowded;
    int behindTwo = 0;
    for (const auto& controller : tangle.rig) {
        for (const auto& control : controller.controls) {
            const auto meanings = m_edits.stance().meaningsOf({controller.id, control.code});
            for (const auto& meaning : meanings) {
                if (modifiers[meaning.layer] > 1)
                    behindTwo += static_cast<int>(meaning.strands.size());
            }
            if (meanings.size() <= most) continue;
            most = meanings.size();
            crowded = toQt(say("%1 %2", controller.alias, nameOf(controller, control)));
        }
    }
    if (!crowded.isEmpty()) facts << tr("%1 means %2 things in %2 layers.").arg(crowded).arg(most);
    if (behindTwo > 0)
        facts << tr("%n function(s) need two modifiers at once.", nullptr,
                    static_cast<int>(behindTwo));
    return facts;
}

/// The buttons that were pressed most since the engine was found.
QString StackList::mostPressed() const
{
    std::vector<std::pair<std::uint64_t, QString>> presses;
    for (const auto& controller : m_selection.feed().desk().controllers) {
        for (std::size_t i = 0; i < controller.rig.controls.size(); ++i) {
            const auto& control = controller.rig.controls[i];
            const auto slot = static_cast<std::size_t>(controller.slotOf[i]);
            if (control.kind != ControlKind::Button || !springsBack(control.buttonKind) ||
                controller.slotOf[i] < 0 || slot >= m_selection.feed().values().slots.size())
                continue;
            const auto count = (m_selection.feed().values().slots[slot].moves + 1) / 2;
            if (count > 0) presses.emplace_back(count, toQt(nameOf(controller.rig, control)));
        }
    }
    std::ranges::stable_sort(presses, std::ranges::greater{},
                             [](const auto& each) { return each.first; });
    QStringList words;
    for (std::size_t i = 0; i < presses.size() && i < 3; ++i)
        words << tr("%1 (%2×)").arg(presses[i].second).arg(presses[i].first);
    return words.isEmpty() ? QString()
                           : tr("Pressed most: %1.").arg(words.join(QStringLiteral(", ")));
}

}  // namespace jolly::app
