// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/document.h"
#include "app/models/messages.h"
#include "app/models/stance.h"
#include "core/tangle/lookup.h"

#include <concepts>

namespace jolly::app
{

/// What the pilot changes, as one step of the history.
struct EditStep {
    QString name;             ///< what it is called, as in "Undo NAME"
    std::string strand = {};  ///< id of the strand that it is about, whose name is told, too
    Gesture gesture = {};
};

/// Lets a change keep what it made; fails as the making did.
template <class T>
Fallible keep(Result<T> made, T& as)
{
    if (!made) return tl::unexpected(made.error());
    as = std::move(*made);
    return {};
}

/// The one gate for edits. A change is tried on a copy: where it is refused, nothing changes and
/// the pilot is told why.
class Edits : public QObject
{
    Q_OBJECT

 public:
    using Change = std::function<Fallible(Tangle&)>;

    Edits(Document& document, Stance& stance, Messages& messages);

    [[nodiscard]] const Document& document() const { return m_document; }
    [[nodiscard]] const Tangle& tangle() const { return m_document.tangle(); }
    [[nodiscard]] Stance& stance() { return m_stance; }
    [[nodiscard]] const Stance& stance() const { return m_stance; }
    [[nodiscard]] Messages& messages() { return m_messages; }

    /// Changes the tangle in the craft and the layer in which the pilot stands: what is inherited
    /// becomes the craft's own; see keepInherited(). @return whether it was not refused.
    ///
    /// @param change  takes the tangle, or the step's strand, or both; returns nothing or a
    ///                Fallible. A strand that is gone is not changed.
    template <class How>
    bool apply(const EditStep& step, How&& change)
    {
        return applyHere(step, overTangle(step.strand, std::forward<How>(change)));
    }

    /// Likewise, whatever craft is worked in.
    template <class How>
    bool applyToWhole(const EditStep& step, How&& change)
    {
        return applyEverywhere(step, overTangle(step.strand, std::forward<How>(change)));
    }

 Q_SIGNALS:
    /// The tangle, where the pilot stands or what is on the desk is another, and all that is made
    /// of it is new. Told once for each edit.
    void settled();

 private:
    bool applyHere(const EditStep& step, const Change& change);
    bool applyEverywhere(const EditStep& step, const Change& change);
    [[nodiscard]] QString nameOf(const EditStep& step) const;

    template <class How>
    static Change overTangle(const std::string& strand, How&& change)
    {
        if constexpr (std::invocable<How, Tangle&>) {
            return [&](Tangle& tangle) { return outcome(change, tangle); };
        } else {
            return [&](Tangle& tangle) -> Fallible {
                auto* found = findStrand(tangle, strand);
                if (!found) return {};
                if constexpr (std::invocable<How, Strand&>) {
                    return outcome(change, *found);
                } else {
                    return outcome(change, tangle, *found);
                }
            };
        }
    }

    template <class How, class... On>
    static Fallible outcome(How& change, On&... on)
    {
        if constexpr (std::is_void_v<std::invoke_result_t<How&, On&...>>) {
            change(on...);
            return {};
        } else {
            return change(on...);
        }
    }

    Document& m_document;
    Stance& m_stance;
    Messages& m_messages;
};

}  // namespace jolly::app
