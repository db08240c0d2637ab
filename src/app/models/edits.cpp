// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/models/edits.h"
#include "app/style/qt_text.h"

#include "core/layers/family_edit.h"

namespace jolly::app
{

Edits::Edits(Document& document, Stance& stance, Messages& messages)
    : m_document(document), m_stance(stance), m_messages(messages)
{
}

QString Edits::nameOf(const EditStep& step) const
{
    const auto* strand = findStrand(tangle(), step.strand);
    if (!strand || strand->name.empty()) return step.name;
    return tr("%1 of %2").arg(step.name, toQt(strand->name));
}

bool Edits::applyHere(const EditStep& step, const Change& change)
{
    const auto& footing = m_stance.footing();
    if (footing == Footing{}) return applyEverywhere(step, change);
    return applyEverywhere(step, [&](Tangle& tangle) -> Fallible {
        const auto before = tangle;
        if (auto done = change(tangle); !done) return done;
        keepInherited(before, tangle, footing);
        return {};
    });
}

bool Edits::applyEverywhere(const EditStep& step, const Change& change)
{
    auto trial = tangle();
    if (const auto done = change(trial); !done) {
        m_messages.refuse(toQt(done.error().text()));
        return false;
    }
    m_document.put(nameOf(step), std::move(trial), step.gesture);
    return true;
}

}  // namespace jolly::app
