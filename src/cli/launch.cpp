// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/commands.h"
#include "cli/tangle_file.h"
#include "control/engine_client.h"
#include "core/tangle/lookup.h"
#include "linux/child.h"
#include "linux/game_room.h"
#include "linux/room_keeper.h"

#include <unistd.h>

#include <iostream>
#include <memory>
#include <thread>

namespace jolly
{

namespace
{

struct LaunchOptions {
    std::string tangle;
    std::string craft;
    std::string world = "kernel";
    std::vector<std::string> game;
};

constexpr auto kEngineStart = std::chrono::seconds(10);
constexpr auto kAskAgain = std::chrono::milliseconds(50);
/// How long the virtual devices may take to appear before the game looks for them.
constexpr auto kDevicesAppear = std::chrono::seconds(3);

/// The engine for one game: the one that runs, else one of its own; brought into the state the game
/// needs, and back to what it was in the end.
class Lift
{
 public:
    explicit Lift(const LaunchOptions& options) : m_options(options) {}
    ~Lift()
    {
        if (!m_engine) return;
        if (m_wentLive) static_cast<void>(m_engine->standDown());
        if (m_child) {
            static_cast<void>(m_engine->quit());
            return;
        }
        const bool isOurs = !m_tangle || isStillOurs();
        if (m_tangle && isOurs) static_cast<void>(m_engine->load(*m_tangle));
        if (!m_craft.empty() && isOurs) static_cast<void>(m_engine->chooseCraft(m_craft));
    }
    Lift(const Lift&) = delete;
    Lift& operator=(const Lift&) = delete;

    Fallible rise()
    {
        if (auto done = findEngine(); !done) return done;
        if (!m_child) rememberCraft();
        if (auto done = loadTangle(); !done) return done;
        if (auto done = chooseCraft(); !done) return done;
        const auto status = m_engine->status();
        if (!status) return tl::unexpected(status.error());
        if (status->isLive) return {};
        auto done = m_engine->goLive();
        m_wentLive = done.has_value();
        return done;
    }

 private:
    Fallible findEngine()
    {
        auto engine = EngineClient::connect();
        if (!engine && engine.error().code == Failure::Code::NotThere) {
            m_child =
                Child::start({programFolder() / "tangle", "run", "--idle", "--with-parent",
                              "--parent", std::to_string(getpid()), "--world", m_options.world},
                             Child::Output::Quiet);
            const auto end = std::chrono::steady_clock::now() + kEngineStart;
            while (!engine && std::chrono::steady_clock::now() < end) {
                std::this_thread::sleep_for(kAskAgain);
                engine = EngineClient::connect();
            }
        }
        if (!engine) return tl::unexpected(engine.error());
        m_engine = std::move(*engine);
        return {};
    }

    Fallible loadTangle()
    {
        if (m_options.tangle.empty()) return {};
        auto code = ExitCode::Fine;
        const auto tangle = readTangleFile(m_options.tangle, code);
        if (!tangle)
            return fail(Failure::Code::Unreadable, words("The game was not started."),
                        "Mend " + m_options.tangle + " first.");
        auto before = m_engine->tangle();
        m_ours = format::writeTangle(*tangle);
        const auto loaded = m_engine->load(m_ours);
        if (!loaded) return tl::unexpected(loaded.error());
        if (before) m_tangle = std::move(*before);
        return {};
    }

    /// What is flown now, if that will not be what is flown for the game.
    void rememberCraft()
    {
        if (m_options.craft.empty() && m_options.tangle.empty()) return;
        const auto text = m_engine->tangle();
        const auto values = m_engine->values();
        LiveSnapshot now;
        if (!text || !values || !values->read(0, now)) return;
        const auto flown = now.craft;
        const auto tangle = format::readTangle(*text).tangle;
        if (flown < tangle.craft.size()) m_craft = tangle.craft[flown].id;
    }

    /// Whether nobody gave the engine another tangle meanwhile.
    bool isStillOurs()
    {
        const auto now = m_engine->tangle();
        return now && *now == m_ours;
    }

    Fallible chooseCraft()
    {
        return m_options.craft.empty() ? Fallible() : m_engine->chooseCraft(m_options.craft);
    }

    const LaunchOptions& m_options;
    std::unique_ptr<Child> m_child;
    std::unique_ptr<EngineClient> m_engine;
    std::optional<std::string> m_tangle;  ///< that ran before
    std::string m_ours;                   ///< that runs for the game
    std::string m_craft;                  ///< that was flown before, by its id
    bool m_wentLive = false;
};

/// Waits until the nodes of the virtual devices are there and readable, if any are to be.
void awaitDevices(GameRoom& room)
{
    const auto end = std::chrono::steady_clock::now() + kDevicesAppear;
    while ((ourNodes().empty() || !room.refresh()) && std::chrono::steady_clock::now() < end)
        std::this_thread::sleep_for(kAskAgain);
}

int launch(const LaunchOptions& options)
{
    const auto refused = [](const Failure& failure) {
        complain(failure);
        return static_cast<int>(codeOf(failure));
    };
    auto room = GameRoom::open();
    if (!room) return refused(room.error());
    Lift lift(options);
    if (const auto done = lift.rise(); !done) return refused(done.error());
    if (options.world == "kernel") awaitDevices(**room);
    const auto code = (*room)->run(options.game, programFolder() / "tangle");
    return code ? *code : refused(code.error());
}

}  // namespace

void addLaunch(CLI::App& app, ExitCode& code)
{
    auto options = std::make_shared<LaunchOptions>();
    auto* command = app.add_subcommand(
        "launch",
        "Goes live, starts a game that finds no controllers but the virtual ones, and stands down "
        "when it ends. In a game library, put \"tangle launch --\" before the game's own command");
    command->add_option("--tangle", options->tangle,
                        "Tangle file to run; else what the engine runs");
    command->add_option("--craft", options->craft, "Craft to fly, by its name");
    command
        ->add_option("--world", options->world,
                     "Where controllers come from, if no engine runs yet")
        ->capture_default_str();
    command->add_option("GAME", options->game, "The game and its arguments, after \"--\"")
        ->required();
    command->callback([options, &code] { code = static_cast<ExitCode>(launch(*options)); });
}

void addKeepRoom(CLI::App& app, ExitCode& code)
{
    auto orders = std::make_shared<int>(-1);
    auto game = std::make_shared<std::vector<std::string>>();
    auto* command = app.add_subcommand("keep-room")->group("");
    command->add_option("--orders", *orders)->required();
    command->add_option("GAME", *game)->required();
    command->callback([orders, game, &code] {
        code = static_cast<ExitCode>(keepRoom(UniqueFd(*orders), *game));
    });
}

}  // namespace jolly
