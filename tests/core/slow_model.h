// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "slow_stage.h"

namespace jolly::test
{

/// A tangle that runs as docs/model.md and docs/stages.md say, without regard to speed: nothing is
/// laid out beforehand, everything is looked for among all strands, and each virtual control is
/// worked out anew from what the strands say there.
class SlowModel
{
 public:
    explicit SlowModel(Tangle tangle) : m_tangle(std::move(tangle)) { order(); }
    SlowModel(const SlowModel&) = delete;
    SlowModel& operator=(const SlowModel&) = delete;

    /// Its counts as they stand, when a flight begins or a controller comes back; then begin().
    void prime(const Source& source, Counts raw);
    void begin(Time now);

    void move(const Source& source, bool isHatY, std::int32_t raw, Time now);
    void lose(const Source& source, Time now);
    void tick(Time now);
    [[nodiscard]] Time nextTick() const;

    /// Another tangle runs from now on.
    void edit(const Tangle& tangle, Time now);

    /// What a virtual control holds.
    [[nodiscard]] Value at(const Target& target) const;

 private:
    enum class Why { Known, Moved, Gone };

    struct Control {
        Counts raw;
        bool isHeldFromBefore = false;
    };
    /// Controls and virtual controls by their names.
    using Name = std::string;
    /// An end of a strand: its outlet, and where it leads.
    using EndName = std::pair<Name, Name>;
    /// Which strand, which end of it.
    using Owner = std::pair<Name, EndName>;

    struct Running {
        bool isMasked = false;  ///< waits for the release of a push that was held before
        std::vector<SlowStage> stages;
        std::map<EndName, Value> says;
        std::map<EndName, SlowPulses> pulses;
        std::map<EndName, bool> wereDown;  ///< outlets of ends that give pulses
        Time due = Time::max();
    };

    [[nodiscard]] const RigControl& rigControl(const Source& source) const;
    [[nodiscard]] Value valueOf(const Source& source) const;
    [[nodiscard]] bool isPressed(const When& when) const;
    [[nodiscard]] bool works(const Stage& stage) const;
    void order();
    [[nodiscard]] const std::vector<const Strand*>& inOrder() const { return m_order; }
    [[nodiscard]] static std::vector<const Stage*> stagesOf(const Strand& strand);
    [[nodiscard]] bool looksAt(const Strand& strand, const Source& source) const;
    [[nodiscard]] bool waitsFor(const Strand& strand, const Target& target) const;
    [[nodiscard]] VirtualSettings settings(const Target& target) const;
    [[nodiscard]] const std::vector<Target>& waitedFor() const { return m_waitedFor; }
    void continueStages(Running& now, const Strand& strand, Running& before,
                        const Strand& was) const;
    Running& running(const Strand& strand);
    void run(const Strand& strand, Why why, Time now);
    void runIfKnown(const Strand& strand, Why why, Time now);
    void look(const Strand& strand, bool isNews);
    [[nodiscard]] Value pulsed(Running& state, const End& end, Value value, Why why, Time now);
    void say(const Strand& strand, const End& end, Value value, Why why);
    void findOwners();
    void noteFlips();
    void runFlips(Why why, Time now);
    [[nodiscard]] SlowStage::See see() const;
    [[nodiscard]] static Name nameOf(const Source& source);
    [[nodiscard]] static Name nameOf(const Target& target);
    [[nodiscard]] static EndName nameOf(const End& end);

    Tangle m_tangle;
    std::vector<const Strand*> m_order;  ///< those that run
    std::vector<Target> m_waitedFor;
    std::map<Name, Control> m_controls;  ///< that were heard of
    std::map<Name, Running> m_running;   ///< by strand
    std::map<Name, Owner> m_owners;      ///< who moved a virtual control last
    std::map<Name, bool> m_werePressed;  ///< virtual controls, as of noteFlips()
    std::vector<Target> m_flips;
    std::set<Name> m_primed;
};

}  // namespace jolly::test
