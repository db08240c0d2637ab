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
    return "/held/" + controller.info.description.identity.phys;
}

}  // namespace

Engine::Engine(World& world, LiveBlock& live, StatusBoard& board)
    : m_world(world),
      m_live(live),
      m_board(board),
      m_fleet(world),
      m_desk(world),
      m_woven(std::make_unique<WovenTangle>(Tangle{}))
{
    publish();
}

void Engine::step(Time deadline)
{
    const auto own = std::min(m_fleet.nextDeadline(), m_holdAgain);
    const auto tick = m_woven->machine.nextTick();
    const auto hand = m_hand.nextAt();
    m_world.wait(std::min({deadline, own, tick, hand}), *this);
    if (hand != Time::max() && m_world.now() >= hand) runHand(m_world.now());
    if (tick != Time::max()) {
        runMotion();
        if (m_dropped.hasNews(m_woven->machine, m_world.now())) tellDropped();
    }
    if (m_isPanic) giveUp();
    if (m_woven->machine.takeStandDown()) standDown();
    if (m_woven->machine.takeKeep()) keepRecording();
    if (m_wantsHold) holdWhatIsFree();
    if (own != Time::max() || m_fleet.hasLosses()) keepHouse(m_world.now());
    if (m_isStale) publish();
}

/// Stages that move by themselves go on.
void Engine::runMotion() noexcept
{
    const auto now = m_world.now();
    if (now < m_woven->machine.nextTick()) return;
    m_live.begin();
    m_live.record(Kind::Tick, 0, 0, now);
    m_woven->machine.tick(now);
    flush(now);
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
    loseTurned(m_deck.bind(*woven, isLive()), now);
    std::swap(m_woven, woven);
    placeDeck();
    for (const auto& controller : m_deck.controllers()) prime(controller);
    m_woven->machine.takeOver(woven->machine, now);
    m_hand.goOn(m_woven->machine);
    m_woven->machine.dropChanges(now);  // the fleet takes the outputs as a whole
    std::erase_if(m_troubles, [](const auto& t) { return t.first.starts_with("/devices/"); });
    if (isLive()) {
        for (const auto& problem : m_fleet.refit(*m_woven, m_world.now())) trouble(problem);
        letAllGo();
        holdWhatIsFree();
    }
    publish();
    return woven;
}

Fallible Engine::goLive()
{
    if (isLive()) return {};
    const auto now = m_world.now();
    m_live.record(Kind::Live, 0, 0, now);
    m_hand.clear();
    m_woven->machine.reset();
    for (const auto& controller : m_deck.controllers()) prime(controller);
    m_woven->machine.begin(now);
    m_woven->machine.dropChanges(now);  // the devices begin with them
    auto done = m_fleet.launch(*m_woven, m_world.now());
    trouble(done ? Problem{Severity::Error, kLivePath, "", ""}
                 : Problem{Severity::Error, kLivePath, done.error().sentence, done.error().cure});
    if (!done) {
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
    trouble({Severity::Warning, kLivePath, "Both Shift keys and Esc were pressed: stood down.",
             "Go live again when you are ready."});
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
    flush(now);
    m_live.end();
    if (!DeskPass::isDesk(controller->info.description.kind) || !isLive()) return;
    if (controller->info.hold == Hold::Held) m_desk.pass(*controller, moves, m_woven->machine);
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
    const auto& control = controller.info.description.controls[move.control];
    auto& state = controller.state[move.control];
    const std::uint32_t slot = controller.info.firstSlot + move.control;
    if (control.kind == ControlKind::Turner) {
        state.x = wrapped(state.x, move.raw);
    } else {
        (move.isHatY ? state.y : state.x) = move.raw;
    }
    m_live.recordMove(slot, move.isHatY ? state.y : state.x, now.heard,
                      move.isHatY ? kLiveHatY | mark : mark);
    const auto input = controller.inputOf[move.control];
    if (input == DeckController::kUnbound) {
        m_live.move(slot, state, control.valueOf(state).x);
        return;
    }
    auto& machine = m_woven->machine;
    machine.move(static_cast<std::uint32_t>(input), move.isHatY, move.isHatY ? state.y : state.x,
                 now);
    m_live.move(slot, state, machine.inputs().shown(static_cast<std::uint32_t>(input)).x);
}

void Engine::flush(Instant now) noexcept
{
    auto& machine = m_woven->machine;
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
    if (controller.info.rig == Match::kUnknown) return false;
    const auto rig = static_cast<std::size_t>(controller.info.rig);
    return isHeldWhileLive(m_woven->tangle.rig[rig].hiding) &&
           std::ranges::any_of(controller.inputOf, [this](auto input) {
               return input != DeckController::kUnbound &&
                      m_woven->machine.plan().inputs[static_cast<std::uint32_t>(input)].isUsed();
           });
}

void Engine::holdWhatIsFree()
{
    m_wantsHold = false;
    m_holdAgain = Time::max();
    if (!isLive()) return;
    for (auto& controller : m_deck.controllers()) {
        if (controller.info.hold == Hold::Held || !shouldHold(controller)) continue;
        m_isStale = m_isStale || controller.info.hold != Hold::Waiting;
        controller.info.hold = Hold::Waiting;
        if (isMoment(controller)) holdOne(controller);
    }
}

/// Whether it can be held now: none of its buttons is down, and what the desk needs of it has
/// another way.
bool Engine::isMoment(DeckController& controller)
{
    const auto kind = controller.info.description.kind;
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
    const bool isFree = !controller.hasPress(m_woven->machine);
    m_wantsHold = m_wantsHold || !isFree;
    return isFree;
}

void Engine::holdOne(DeckController& controller)
{
    const auto path = heldPath(controller);
    if (const auto done = m_world.hold(controller.handle); !done) {
        if (done.error().code == Failure::Code::NotThere) return;  // its going is told next
        trouble({Severity::Warning, path, done.error().sentence, done.error().cure});
        m_holdAgain = std::min(m_holdAgain, m_world.now() + kHoldAgain);
        return;
    }
    controller.info.hold = Hold::Held;
    m_isStale = true;
    trouble({Severity::Warning, path, "", ""});
}

/// Asks that the held controllers whose tangle says so are ours alone. One that was unplugged stays
/// among them, so that it is ours from the first moment when it comes back.
void Engine::keepAlone()
{
    std::vector<Handle> wanted;
    for (const auto& controller : m_deck.controllers()) {
        const auto rig = controller.info.rig;
        if (controller.info.hold == Hold::Held && rig != Match::kUnknown &&
            m_woven->tangle.rig[static_cast<std::size_t>(rig)].hiding == Hiding::OursAlone)
            wanted.push_back(controller.handle);
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
        controller.info.isOursAlone =
            std::ranges::find(controllers, controller.handle) != controllers.end();
    trouble(done
                ? Problem{.path = kAlonePath, .sentence = {}}
                : Problem{.severity = Severity::Warning,
                          .path = kAlonePath,
                          .sentence = done.error().sentence,
                          .cure = done.error().cure,
                          .meaning = "Games list the controllers that are to be ours alone, but do "
                                     "not hear them."});
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
    if (controller.info.hold == Hold::Held) m_world.letGo(controller.handle);
    controller.info.hold = Hold::Free;
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
    status->tangle = m_woven->tangle.name;
    status->mark = m_woven->mark;
    for (const auto& controller : m_deck.controllers())
        status->controllers.push_back(controller.info);
    const auto& plan = m_woven->machine.plan();
    for (std::size_t d = 0; d < m_woven->tangle.devices.size(); ++d) {
        status->devices.push_back(
            {m_woven->tangle.devices[d].id, m_fleet.isThere(d), plan.outputsOfDevice[d].first});
    }
    for (const auto& held : m_hand.held()) status->byHand.push_back(held.place);
    status->learned = m_hand.learned();
    status->doubts = m_deck.doubts();
    for (const auto& [path, problem] : m_troubles) status->troubles.push_back(problem);
    m_board.put(std::move(status));
    m_live.begin();
    m_live.newEdition();
    m_live.end();
    m_isStale = false;
}

}  // namespace jolly
