// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/document.h"
#include "app/services/engine_session.h"
#include "core/layers/family.h"
#include "core/layers/meanings.h"

#include <QObject>
#include <optional>
#include <set>
#include <string_view>
#include <unordered_set>

namespace jolly::app
{

/// Where the pilot stands: the craft and the layer that edits go to, the layers that are engaged,
/// and one that is peeked at as if it were.
class Stance : public QObject
{
    Q_OBJECT

 public:
    Stance(Document& document, EngineSession& session, QObject* parent = nullptr);

    [[nodiscard]] const Footing& footing() const { return m_footing; }
    [[nodiscard]] QString craftName() const;
    [[nodiscard]] QString layerName() const;
    /// "Trim held · Gannet 12".
    [[nodiscard]] QString words() const;

    /// The tangle is another: a craft or a layer that is gone leaves Everywhere, and Base.
    void follow();

    void chooseLayer(const std::string& layer);

    /// Works in a craft from now on, and flies it.
    void chooseCraft(const std::string& craft);

    /// Engages a layer by hand, or lets it go again.
    void flip(const std::string& layer);
    [[nodiscard]] bool isByHand(const std::string& layer) const;

    /// Layers that are engaged: bits by their places; Base alone without an engine.
    [[nodiscard]] std::uint64_t engaged() const { return m_engaged; }
    [[nodiscard]] bool isEngaged(std::size_t layer) const
    {
        return ((m_engaged >> layer) & 1U) != 0;
    }

    /// As if a layer were engaged, without engaging it; none for "".
    void peek(const std::string& layer);
    [[nodiscard]] const std::string& peeked() const { return m_peeked; }
    /// The layers that faceplates show: those that are engaged, and the one that is peeked at.
    [[nodiscard]] std::uint64_t shown() const;

    /// What a control means for the craft, by layer from the top.
    [[nodiscard]] std::vector<Meaning> meaningsOf(const Source& control) const;

    /// Whether a strand counts now for its control, by the layers that are engaged. One that is
    /// switched off, or of another craft, does not.
    [[nodiscard]] bool acts(const Strand& strand) const;

    /// The strands of the craft that begin at a control: those of the chosen layer, then the others
    /// from the top of the stack down; what is off is there, too.
    [[nodiscard]] std::vector<const Strand*> strandsFrom(const Source& control) const;

    /// Those of the craft that end at a virtual control.
    [[nodiscard]] std::vector<const Strand*> takersOf(const Target& target) const;

    /// The craft's own strand that stands instead of one; else that one itself.
    [[nodiscard]] std::string ownOf(const std::string& strand) const;

    /// The strands of the craft, in the order of the tangle.
    [[nodiscard]] const std::vector<const Strand*>& strands() const { return m_strands; }

    /// The tangle as the craft has it, and its strands by where they begin and end.
    [[nodiscard]] const Tangle& view() const;
    [[nodiscard]] const StrandIndex& index() const;

    /// Whether a strand counts for the craft.
    [[nodiscard]] bool isOurs(const Strand& strand) const { return isOurs(strand.id); }

 Q_SIGNALS:
    void stoodElsewhere();  ///< the pilot chose another craft or layer
    void shownChanged();    ///< layers were engaged, let go or peeked at
    void engagedBy(const QString& layer, bool isEngaged);
    void refused(const QString& sentence);

 private:
    void lookAtValues();
    void stand(Footing footing);
    void lookAtCraft();
    [[nodiscard]] bool isOurs(std::string_view strand) const { return m_ours.contains(strand); }

    Document& m_document;
    EngineSession& m_session;
    Footing m_footing;
    std::vector<const Strand*> m_strands;         ///< of the document that count for the craft
    std::unordered_set<std::string_view> m_ours;  ///< their ids
    mutable std::optional<Tangle> m_view;         ///< as the craft has it, once it is asked for
    mutable std::optional<StrandIndex> m_index;   ///< of the strands of the view, likewise
    std::set<std::string> m_byHand;               ///< layers that were flipped here
    std::string m_peeked;
    std::uint64_t m_engaged = 1;
    std::uint64_t m_flown = 0;  ///< place of the craft that the engine flies
};

}  // namespace jolly::app
