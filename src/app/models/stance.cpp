// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/models/stance.h"
#include "app/style/qt_text.h"

#include "core/layers/family.h"
#include "core/tangle/lookup.h"

#include <algorithm>
#include <bit>

namespace jolly::app
{

Stance::Stance(Document& document, EngineSession& session, QObject* parent)
    : QObject(parent), m_document(document), m_session(session)
{
    connect(&session, &EngineSession::valuesChanged, this, &Stance::lookAtValues);
    follow();
}

void Stance::follow()
{
    const auto& tangle = m_document.tangle();
    auto footing = m_footing;
    if (!findBy(tangle.craft, &Craft::id, footing.craft)) footing.craft = kEverywhere;
    if (!findBy(tangle.layers, &Layer::id, footing.layer)) footing.layer = kBase;
    m_footing = footing;
    lookAtCraft();
}

void Stance::lookAtCraft()
{
    m_view.reset();
    m_index.reset();
    m_strands = strandsOf(m_document.tangle(), m_footing.craft);
    m_ours.clear();
    for (const auto* strand : m_strands) m_ours.insert(strand->id);
}

const Tangle& Stance::view() const
{
    if (!m_view) m_view = tangleOf(m_document.tangle(), m_footing.craft);
    return *m_view;
}

const StrandIndex& Stance::index() const
{
    if (!m_index) m_index.emplace(view());
    return *m_index;
}

void Stance::stand(Footing footing)
{
    if (footing == m_footing) return;
    m_footing = std::move(footing);
    lookAtCraft();
    Q_EMIT stoodElsewhere();
}

QString Stance::craftName() const
{
    const auto* craft = findBy(m_document.tangle().craft, &Craft::id, m_footing.craft);
    return toQt(craft ? craft->name : m_footing.craft);
}

QString Stance::layerName() const
{
    const auto* layer = findBy(m_document.tangle().layers, &Layer::id, m_footing.layer);
    return toQt(layer ? layer->name : m_footing.layer);
}

QString Stance::words() const
{
    return layerName() + QStringLiteral(" · ") + craftName();
}

void Stance::chooseLayer(const std::string& layer)
{
    stand({m_footing.craft, layer});
}

void Stance::chooseCraft(const std::string& craft)
{
    stand({craft, m_footing.layer});
    m_session.chooseCraft(craft, [this](const Fallible& done) {
        if (!done) Q_EMIT refused(toQt(done.error().text()));
    });
}

void Stance::flip(const std::string& layer)
{
    m_session.flipLayer(layer, [this, layer](const Fallible& done) {
        if (!done) {
            Q_EMIT refused(toQt(done.error().text()));
        } else if (m_byHand.erase(layer) == 0) {
            m_byHand.insert(layer);
        }
        m_session.poll();
        Q_EMIT shownChanged();
    });
}

bool Stance::isByHand(const std::string& layer) const
{
    return m_byHand.contains(layer);
}

void Stance::lookAtValues()
{
    const auto& values = m_session.values();
    const auto& tangle = m_document.tangle();
    if (values.craft != m_flown && values.craft < tangle.craft.size()) {
        m_flown = values.craft;
        stand({tangle.craft[m_flown].id, m_footing.layer});
    }
    const auto engaged = values.layers | 1U;
    const auto changed = engaged ^ std::exchange(m_engaged, engaged);
    if (changed == 0) return;
    for (std::size_t layer = 0; layer < tangle.layers.size() && layer < kMostLayers; ++layer) {
        if (((changed >> layer) & 1U) == 0) continue;
        const auto& each = tangle.layers[layer];
        if (!isEngaged(layer)) m_byHand.erase(each.id);
        Q_EMIT engagedBy(toQt(each.name), isEngaged(layer));
    }
    Q_EMIT shownChanged();
}

void Stance::peek(const std::string& layer)
{
    if (layer == m_peeked) return;
    m_peeked = layer;
    Q_EMIT shownChanged();
}

std::uint64_t Stance::shown() const
{
    const auto place = placeOfLayer(m_document.tangle(), m_peeked);
    const bool isPeeked = !m_peeked.empty() && place < m_document.tangle().layers.size();
    return isPeeked ? m_engaged | (std::uint64_t{1} << place) : m_engaged;
}

std::vector<Meaning> Stance::meaningsOf(const Source& control) const
{
    return jolly::meaningsOf(m_document.tangle(), m_document.strands().from(control),
                             m_footing.craft);
}

bool Stance::acts(const Strand& strand) const
{
    const auto meanings = meaningsOf(strand.source);
    const auto* acting = actingOf(meanings, m_engaged);
    return acting &&
           std::ranges::find(acting->strands, strand.id, &Strand::id) != acting->strands.end();
}

std::vector<const Strand*> Stance::strandsFrom(const Source& control) const
{
    auto strands = m_document.strands().from(control);
    std::erase_if(strands, [&](const Strand* strand) { return !isOurs(*strand); });
    const auto rank = [&](const Strand* strand) {
        const auto& layers = m_document.tangle().layers;
        return strand->layer == m_footing.layer
                   ? 0
                   : layers.size() - placeOfLayer(m_document.tangle(), strand->layer);
    };
    std::ranges::stable_sort(strands, {}, rank);
    return strands;
}

std::vector<const Strand*> Stance::takersOf(const Target& target) const
{
    auto strands = m_document.strands().at(target);
    std::erase_if(strands, [&](const Strand* strand) { return !isOurs(*strand); });
    return strands;
}

std::string Stance::ownOf(const std::string& strand) const
{
    if (strand.empty() || isOurs(strand)) return strand;
    for (const auto& each : m_document.tangle().strands) {
        if (each.insteadOf == strand && isOurs(each)) return each.id;
    }
    return strand;
}

}  // namespace jolly::app
