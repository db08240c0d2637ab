// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/edits.h"
#include "app/models/selection.h"
#include "core/weave/like_for_like.h"

namespace jolly::app
{

/// Weaves: leads controls to virtual ones where the pilot stands, and tells what came of it.
class Weaver : public QObject
{
    Q_OBJECT

 public:
    Weaver(Edits& edits, Selection& selection);

    [[nodiscard]] Edits& edits() { return m_edits; }
    [[nodiscard]] Selection& selection() { return m_selection; }

    /// Leads a control to a target, and selects it.
    void lead(const std::optional<Source>& from, const Target& target);

    /// Likewise, in the place of all that ends there.
    void leadInstead(const Source& from, const Target& target);

    /// Likewise, as the other way of a strand that leads there; see connectOtherWay().
    void leadOtherWay(const std::string& first, const Source& from, const Target& target);
    /// lead(); of all that meet there the larger counts from now on.
    void leadLarger(const Source& from, const Target& target);

    /// Leads all of a controller, like for like.
    void leadAll(const std::string& controller, const LikeWay& way);

    /// Whether a control can be led there, and is not yet.
    [[nodiscard]] bool mayLead(const Source& from, const Target& target) const;

    /// lead() from the selected control.
    void leadSelected(const Target& target) { lead(m_selection.selected(), target); }
    void leadToNextFree();
    /// Gives the selected control a strand that leads to nothing.
    void silence();

    /// Lets an end of a strand be at another place; a taken one is exchanged, and that is said.
    void moveEnd(const std::string& strand, std::size_t end, const Target& to);

    /// Does what is to be done about a problem at one click; says what came of it.
    void cure(const Problem& problem);

    /// Remembers a strand, to be pasted to any control.
    void copy(const Strand& strand) { m_copied = strand; }

    /// Weaves a copy of the remembered strand from the selected control: same stages, same targets.
    void paste();

 private:
    [[nodiscard]] bool isLed(const Source& from, const Target& target) const;
    /// How a control is led; see connect().
    using Way = std::function<Result<std::string>(Tangle&, const RigController&, ControlCode,
                                                  const Target&)>;
    void leadBy(const Way& way, const Source& from, const Target& target);

    Edits& m_edits;
    Selection& m_selection;
    std::optional<Strand> m_copied;
};

}  // namespace jolly::app
