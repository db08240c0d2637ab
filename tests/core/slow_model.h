// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/tangle/virtual_control.h"
#include "slow_layers.h"
#include "slow_stage.h"
#include "support/small_tangle.h"

namespace jolly::test
{

/// A tangle that runs as docs/model.md and docs/stages.md say, without regard to speed: nothing is
/// laid out beforehand, everything is looked for among all strands, and each virtual control is
/// worked out anew from what the strands say there.
class SlowModel
{
 public:
    explicit SlowModel(const Tangle& tangle);
    SlowModel(const SlowModel&) = delete;
    SlowModel& operator=(const SlowModel&) = delete;

    /// Its counts as they stand, when a flight begins or a controller comes back; then begin().
    void prime(const Source& source, Counts raw);
    void begin(Time now);

    void move(const Source& source, bool isHatY, std::int32_t raw, Time now);
    void lose(const std::vector<Source>& sources, Time now);
    void tick(Time now);
    [[nodiscard]] Time nextTick() const;

    /// The strand that wants to run next, for whoever looks into a failure.
    [[nodiscard]] std::string nextStrand() const;

    /// The frame is over: layers and craft that were pressed or chosen count.
    void settle(Time now);

    void flip(const std::string& layer) { m_stack.flip(layer); }
    void fly(const std::string& craft) { m_wantedCraft = craft; }
    void hold(const Target& target, Value value, Time now);
    void letGo(const Target& target, Time now);

    /// Another tangle runs from now on.
    void edit(const Tangle& tangle, Time now);

    /// What a virtual control holds.
    [[nodiscard]] Value at(const Target& target) const;

    [[nodiscard]] const std::set<std::string>& engaged() const { return m_stack.engaged(); }
    [[nodiscard]] const std::string& craft() const { return m_craft; }

 private:
    enum class Why { Known, Brought, Moved, Gone };
    enum class Part { None, Counts, Finishing };
    enum class Waits { No, Begins, IsBelow, IsAbove };

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

    /// The way of a control: the layer, and its strands that count.
    struct Route {
        int layer = -1;
        std::vector<Name> strands;
        friend bool operator==(const Route&, const Route&) = default;
    };

    struct Running {
        Part part = Part::None;
        bool isMasked = false;  ///< waits for the release of a push that was held before
        Value in;               ///< what came in last
        std::vector<SlowStage> stages;
        std::vector<Value> values;  ///< what came out of them
        std::map<EndName, Value> says;
        std::set<EndName> left;  ///< what it still says there although it counts no longer
        std::map<EndName, Waits> waits;
        std::map<EndName, SlowPulses> pulses;  ///< which go on when it counts no longer
        std::map<EndName, bool> wereDown;      ///< outlets of ends that give pulses
        std::set<std::size_t> given;           ///< ends whose order was given
        Time due = Time::max();
    };

    [[nodiscard]] const RigControl& rigControl(const Source& source) const;
    [[nodiscard]] Value valueOf(const Source& source) const;
    [[nodiscard]] bool isPressed(const Source& source) const;
    [[nodiscard]] bool isSwitch(const Source& source) const;
    [[nodiscard]] bool works(const Stage& stage) const;
    void order();
    [[nodiscard]] const std::vector<const Strand*>& inOrder() const { return m_order; }
    [[nodiscard]] const Strand& strandOf(const Name& id) const;
    [[nodiscard]] const Layer& layerOf(const Name& id) const;
    [[nodiscard]] static std::vector<const Stage*> stagesOf(const Strand& strand);
    [[nodiscard]] bool looksAt(const Strand& strand, const Source& source) const;
    [[nodiscard]] bool waitsFor(const Strand& strand, const Target& target) const;
    [[nodiscard]] VirtualSettings settings(const Target& target) const;
    [[nodiscard]] bool isFollowed(const Target& target) const;
    [[nodiscard]] Value said(const Target& target) const;
    [[nodiscard]] const std::vector<Target>& waitedFor() const { return m_waitedFor; }
    void continueStages(Running& now, const Strand& strand, Running& before,
                        const Strand& was) const;
    void takeOver(const Strand& strand, Running& past, const Strand& was,
                  const std::map<Name, Owner>& owners, const std::set<Name>& moved);
    void takeOverWays(const Tangle& old, const std::map<Name, Route>& taken);
    Running& running(const Strand& strand);
    std::vector<Value> runStages(const Strand& strand, Value in, bool isNews, Time now);
    void run(const Strand& strand, Value in, Why why, Time now);
    void runIfKnown(const Strand& strand, Why why, Time now);
    void look(const Strand& strand, bool isNews);
    void forget(const Strand& strand);
    [[nodiscard]] Time dueOf(const Strand& strand, Time now);
    [[nodiscard]] Value outOf(const Strand& strand, const End& end,
                              const std::vector<Value>& out) const;
    [[nodiscard]] static bool pulses(const End& end);
    void hear(const Strand& strand, const End& end, Value value, Why why, Time now);
    void perform(const Strand& strand, const End& end, Why why, Time now);
    [[nodiscard]] bool performOne(Time due, Time now);
    [[nodiscard]] bool hasMet(const Strand& strand, const End& end, Value value);
    void giveOrders(const Strand& strand, const std::vector<Value>& out, Why why);
    void say(const Strand& strand, const End& end, Value value, Why why);
    void unsay(const Strand& strand, const End& end);
    [[nodiscard]] bool isFirst(const Strand& strand, const End& end, const Owner& other) const;
    void findOwners();
    void noteFlips();
    void runFlips(Why why, Time now);

    [[nodiscard]] Route wanted(const Source& source) const;
    [[nodiscard]] const Route& present(const Source& source);
    [[nodiscard]] const Layer& layerBetween(const Route& from, const Route& to) const;
    void countOnly(const Source& source);
    void notePress(const Source& source, Time now);
    void reroute(const Source& source, Time now);
    void wakeWaiting(const Name& layer, Time now);
    void changeRoute(const Source& source, const Route& from, const Route& to, Time now);
    void takeOut(const Strand& strand, Time now);
    void bringIn(const Strand& strand, bool picksUp, Time now);
    void finish(const Strand& strand, Time now);
    void leave(const Strand& strand);
    void letGoOf(const Strand& strand, const End& end);
    void sleepOrForget(const Strand& strand);
    void dropLeft(const Source& source);
    [[nodiscard]] bool areStagesPerforming(const Strand& strand);
    void forEachControlOfRig(const std::function<void(const Source&)>& visit) const;

    [[nodiscard]] SlowStage::See see() const;
    [[nodiscard]] static Name nameOf(const Source& source);
    [[nodiscard]] static Name nameOf(const Target& target);
    [[nodiscard]] static std::optional<Target> placeOf(const End& end);
    [[nodiscard]] static EndName nameOf(const End& end);

    Tangle m_tangle;
    SlowStack m_stack;
    Name m_craft{kEverywhere}, m_wantedCraft{kEverywhere};
    std::map<Name, Route> m_routes;      ///< by control
    std::map<Name, Route> m_taken;       ///< by controls of which a press is under way
    std::vector<const Strand*> m_order;  ///< those that run
    std::vector<Target> m_waitedFor;
    std::map<Name, Control> m_controls;  ///< that were heard of
    std::map<Name, Running> m_running;   ///< by strand
    std::map<Name, Owner> m_owners;      ///< who has a virtual control
    std::set<Name> m_moved;              ///< virtual controls whose owner moved them
    std::map<Name, Value> m_hands;       ///< virtual controls that are held by hand
    std::map<Name, bool> m_werePressed;  ///< virtual controls, as of noteFlips()
    std::vector<Target> m_flips;
    std::set<Name> m_primed;
};

}  // namespace jolly::test
