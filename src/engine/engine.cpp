// SPDX-License-Identifier: GPL-3.0-or-later
#include "engine/engine.h"

#include <algorithm>

namespace jolly
{

namespace
{

/// Where it is told why the last go-live failed.
constexpr const char* kLivePath = "/live";
constexpr const char* kAlonePath = "/alone";

/// A frame that is heard later than this after its stamp is late: what is said because of it goes
/// by the clock, and not by the stamp.
constexpr Time kLate = std::chrono::milliseconds(1);

using Kind = Happening::Kind;

std::string heldPath(const DeckController& controller)
{
    return "/held/" + controller.seat->description.identity.phys;
}

}  // namespace

Engine::Engine(World& world, LiveBlock& live, StatusBoard& board)
    : m_world(world),
      m_live(live),
      m_board(board),
      m_session(std::make_unique<WovenTangle>(Tangle{}), *this),
      m_fleet(world),
      m_desk(world)
{
    publish();
}

void Engine::step(Time deadline)
{
    const auto own = std::min(m_fleet.nextDeadline(), m_holdAgain);
    const auto tick = m_session.machine().nextTick();
    const auto hand = m_hand.nextAt();
    m_world.wait(std::min({deadline, own, tick, hand}), *this);
    if (hand != Time::max() && m_world.now() >= hand) runHand(m_world.now());
    if (tick != Time::max()) {
        runMotion();
        if (m_dropped.hasNews(m_session.machine(), m_world.now())) tellDropped();
    }
    if (m_isPanic) giveUp();
    if (m_session.machine().takeStandDown()) standDown();
    if (m_session.machine().takeKeep()) keepRecording();
    if (m_wantsHold) holdWhatIsFree();
    if (own != Time::max() || m_fleet.hasLosses()) keepHouse(m_world.now());
    if (m_isStale) publish();
}

/// Stages that move by themselves go on.
void Engine::runMotion() noexcept
{
    const auto now = m_world.now();
    if (now < m_session.machine().nextTick()) return;
    m_live.begin();
    m_live.record(Kind::Tick, 0, 0, now);
    m_session.tick(now);
    m_live.end();
}

void Engine::keepHouse(Time now)
{
    if (now >= m_holdAgain) holdWhatIsFree();
    Problems troubles;
    m_isStale = m_fleet.tick(now, troubles) || m_isStale;
    for (const auto& problem : troubles) trouble(problem);
}

std::unique_ptr<WovenTangle> Engine::take(std::unique_ptr<WovenTangle> woven)
{
    endLearning();
    const auto now = m_world.now();
    m_live.record(Kind::Tangle, woven->number, 0, now);
    auto before = m_session.take(std::move(woven), now);
    setStraight();
    m_hand.goOn(m_session.plan());
    std::erase_if(m_troubles, [](const auto& t) { return t.first.starts_with("/devices/"); });
    if (isLive()) {
        for (const auto& problem : m_fleet.refit(m_session.woven(), m_world.now()))
            trouble(problem);
        letAllGo();
        holdWhatIsFree();
    }
    publish();
    return before;
}

Fallible Engine::goLive()
{
    if (isLive()) return {};
    const auto now = m_world.now();
    m_live.record(Kind::Live, 0, 0, now);
    m_hand.clear();
    m_session.goLive(now);
    auto done = m_fleet.launch(m_session.woven(), m_world.now());
    trouble(done ? Problem{Severity::Error, kLivePath, {}, {}}
                 : Problem{Severity::Error, kLivePath, done.error().sentence, done.error().cure});
    if (!done) {
        m_session.standDown();
        m_live.record(Kind::Down, 0, 0, m_world.now());
        publish();
        return done;
    }
    m_liveSince = m_world.now();
    holdWhatIsFree();
    publish();
    return {};
}

void Engine::standDown()
{
    if (!isLive()) return;
    m_live.record(Kind::Down, 0, 0, m_world.now());
    letGoByHand();
    m_session.standDown();
    m_fleet.land(m_world.now());
    letAllGo();
    m_desk.close(m_fleet, m_world.now());
    m_wantsHold = false;
    m_holdAgain = Time::max();
    publish();
}

/// The panic chord: everything is given back, and it is said why.
void Engine::giveUp()
{
    m_isPanic = false;
    trouble({Severity::Warning, kLivePath,
             words("Both Shift keys and Esc were pressed: stood down."),
             words("Go live again when you are ready.")});
    standDown();
}

void Engine::frame(Handle handle, std::span<const RawMove> moves, Time time) noexcept
{
    auto* controller = m_deck.find(handle);
    if (!controller) return;
    m_live.begin();
    const auto now = hear(time);
    std::uint32_t mark = kLiveFirst;
    for (const auto& move : moves) {
        moveOne(*controller, move, now, mark);
        mark = 0;
    }
    frameOver(now);
    m_live.end();
    if (!DeskPass::isDesk(controller->kind()) || !isLive()) return;
    if (controller->hold == Hold::Held) m_desk.pass(*controller, moves, m_session.plan());
    m_isPanic = m_isPanic || controller->isPanicChord();
}

/// When a frame is heard, by its stamp and by the clock. That it is late is recorded.
Instant Engine::hear(Time stamp) noexcept
{
    const auto now = m_world.now();
    if (now - stamp < kLate) return stamp;
    constexpr Time kMost = std::chrono::minutes(30);
    const auto late =
        std::chrono::duration_cast<std::chrono::microseconds>(std::min(now - stamp, kMost));
    m_live.record(Kind::Late, 0, static_cast<std::int32_t>(late.count()), stamp);
    return {stamp, stamp + late};
}

void Engine::moveOne(DeckController& controller, const RawMove& move, Instant now,
                     std::uint32_t mark) noexcept
{
    auto& seat = *controller.seat;
    const auto& control = seat.description.controls[move.control];
    const auto& state = seat.state[move.control];
    const bool isTurner = control.kind == ControlKind::Turner;
    const auto raw = isTurner ? wrapped(state.x, move.raw) : move.raw;
    const std::uint32_t slot = controller.firstSlot + move.control;
    m_live.recordMove(slot, raw, now.heard, move.isHatY ? kLiveHatY | mark : mark);
    m_session.move(seat, move.control, move.isHatY, raw, now);
    m_live.move(slot, state, shown(seat, move.control).x);
}

/// What the live block shows of a control.
Value Engine::shown(const SeatedController& seat, std::uint32_t control) const noexcept
{
    const auto input = seat.inputOf[control];
    if (input == SeatedController::kUnbound)
        return seat.description.controls[control].valueOf(seat.state[control]);
    return m_session.machine().inputs().shown(static_cast<std::uint32_t>(input));
}

void Engine::frameOver(Instant now) noexcept
{
    auto& machine = m_session.machine();
    const auto time = now.heard;
    machine.takeChanges(now, [&](const Change& change) {
        const auto& output = machine.plan().outputs[change.output];
        m_live.move(change.output, change.raw, change.value.x);
        recordChange(change.output, output, change.raw, time);
        m_fleet.put(output, change.raw);
    });
    tellLayers(time);
    const auto frames = m_fleet.send();
    if (frames > 0 && m_live.countFrames(frames)) m_live.noteDelay(m_world.now() - time);
}

bool Engine::shouldHold(const DeckController& controller) const
{
    if (controller.seat->rig == Match::kUnknown) return false;
    const auto rig = static_cast<std::size_t>(controller.seat->rig);
    return isHeldWhileLive(m_session.tangle().rig[rig].hiding) &&
           std::ranges::any_of(controller.seat->inputOf, [this](auto input) {
               return input != SeatedController::kUnbound &&
                      m_session.plan().inputs[static_cast<std::uint32_t>(input)].isUsed();
           });
}

void Engine::holdWhatIsFree()
{
    m_wantsHold = false;
    m_holdAgain = Time::max();
    if (!isLive()) return;
    for (auto& controller : m_deck.controllers()) {
        if (controller.hold == Hold::Held || !shouldHold(controller)) continue;
        m_isStale = m_isStale || controller.hold != Hold::Waiting;
        controller.hold = Hold::Waiting;
        if (isMoment(controller)) holdOne(controller);
    }
}

/// Whether it can be held now: none of its buttons is down, and what the desk needs of it has
/// another way.
bool Engine::isMoment(DeckController& controller)
{
    const auto kind = controller.kind();
    if (DeskPass::isDesk(kind)) {
        const auto now = m_world.now();
        if (const auto done = m_desk.open(kind, now); !done) {
            trouble({Severity::Warning, heldPath(controller), done.error().sentence,
                     done.error().cure});
            m_holdAgain = now + kHoldAgain;
            return false;
        }
        if (now < m_desk.readyAt(kind)) {
            m_holdAgain = std::min(m_holdAgain, m_desk.readyAt(kind));
            return false;
        }
    }
    const bool isFree = !controller.hasPress(m_session.plan());
    m_wantsHold = m_wantsHold || !isFree;
    return isFree;
}

void Engine::holdOne(DeckController& controller)
{
    const auto path = heldPath(controller);
    if (const auto done = m_world.hold(controller.handle()); !done) {
        if (done.error().code == Failure::Code::NotThere) return;  // its going is told next
        trouble({Severity::Warning, path, done.error().sentence, done.error().cure});
        m_holdAgain = std::min(m_holdAgain, m_world.now() + kHoldAgain);
        return;
    }
    controller.hold = Hold::Held;
    m_isStale = true;
    trouble({Severity::Warning, path, {}, {}});
}

/// Asks that the held controllers whose tangle says so are ours alone. One that was unplugged stays
/// among them, so that it is ours from the first moment when it comes back.
void Engine::keepAlone()
{
    std::vector<Handle> wanted;
    for (const auto& controller : m_deck.controllers()) {
        const auto rig = controller.seat->rig;
        if (controller.hold == Hold::Held && rig != Match::kUnknown &&
            m_session.tangle().rig[static_cast<std::size_t>(rig)].hiding == Hiding::OursAlone)
            wanted.push_back(controller.handle());
    }
    for (const auto handle : m_alone) {
        if (isLive() && !m_deck.find(handle)) wanted.push_back(handle);
    }
    std::ranges::sort(wanted);
    if (wanted == m_alone) return;
    m_alone = std::move(wanted);
    m_world.keepAlone(m_alone);
}

void Engine::keptAlone(std::span<const Handle> controllers, const Fallible& done)
{
    for (auto& controller : m_deck.controllers())
        controller.isOursAlone =
            std::ranges::find(controllers, controller.handle()) != controllers.end();
    trouble(done ? Problem{.path = kAlonePath, .sentence = {}}
                 : Problem{.severity = Severity::Warning,
                           .path = kAlonePath,
                           .sentence = done.error().sentence,
                           .cure = done.error().cure,
                           .meaning =
                               words("Games list the controllers that are to be ours alone, but do "
                                     "not hear them.")});
    m_isStale = true;
}

void Engine::letAllGo()
{
    for (auto& controller : m_deck.controllers()) {
        const bool isKept = isLive() && shouldHold(controller);
        if (isKept) continue;
        letGoOf(controller);
    }
}

/// The desk has it again: what was passed on for it is let go, since its releases go there now.
void Engine::letGoOf(DeckController& controller)
{
    if (controller.hold == Hold::Held) m_world.letGo(controller.handle());
    controller.hold = Hold::Free;
    m_desk.letGo(controller);
}

void Engine::publish()
{
    keepAlone();
    layOut();
    auto status = std::make_shared<EngineStatus>();
    status->generation = m_live.generation();
    status->edition = m_live.edition() + 1;
    status->isLive = isLive();
    status->liveSince = m_liveSince;
    status->tangle = m_session.tangle().name;
    status->mark = m_session.woven().mark;
    for (const auto& controller : m_deck.controllers())
        status->controllers.push_back(controller.info());
    const auto& plan = m_session.plan();
    for (std::size_t d = 0; d < m_session.tangle().devices.size(); ++d) {
        status->devices.push_back(
            {m_session.tangle().devices[d].id, m_fleet.isThere(d), plan.outputsOfDevice[d].first});
    }
    for (const auto& held : m_hand.held()) status->byHand.push_back(held.place);
    status->learned = m_hand.learned();
    status->doubts = m_session.doubts();
    for (const auto& [path, problem] : m_troubles) status->troubles.push_back(problem);
    m_board.put(std::move(status));
    m_live.begin();
    m_live.newEdition();
    m_live.end();
    m_isStale = false;
}

}  // namespace jolly
