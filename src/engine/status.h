// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/tangle/matching.h"
#include "core/tangle/problem.h"
#include "core/tangle/tangle.h"
#include "core/value/time.h"

#include <cstdint>
#include <deque>
#include <memory>
#include <mutex>
#include <string>
#include <vector>

namespace jolly
{

enum class Hold : std::uint8_t { Free, Waiting, Held };

/// A controller that is present.
struct PresentController {
    ControllerDescription description{};
    int rig = Match::kUnknown;  ///< its place in the tangle's rig
    Hold hold = Hold::Free;
    bool isOursAlone = false;  ///< nobody else may open it now
    std::uint32_t firstSlot =
        0;  ///< of its controls in the live block, in the order of the description

    friend bool operator==(const PresentController&, const PresentController&) = default;
};

/// A virtual device of the tangle, made or not.
struct PresentDevice {
    std::string id;
    bool isThere = false;
    std::uint32_t firstSlot = 0;  ///< of its controls in the live block, in the order of its layout

    friend bool operator==(const PresentDevice&, const PresentDevice&) = default;
};

/// What the engine is doing.
struct EngineStatus {
    std::uint64_t generation = 0;  ///< of the live block: as long as its slots are these
    std::uint64_t edition = 0;     ///< of the status itself
    bool isLive = false;
    Time liveSince{};
    std::string tangle{};    ///< its name
    std::uint64_t mark = 0;  ///< markOf() the text it came from; 0 when it came from none
    std::vector<PresentController> controllers{};
    std::vector<PresentDevice> devices{};
    std::vector<Target> byHand{};   ///< virtual controls that a hand holds
    std::vector<Target> learned{};  ///< that a sim learns: they alone reach games
    std::vector<Doubt> doubts{};
    Problems troubles{};  ///< of the world; those of the tangle are told when it is loaded

    friend bool operator==(const EngineStatus&, const EngineStatus&) = default;
};

/// What the slots of the live block mean for as long as its generation stays.
struct Scene {
    std::uint64_t generation = 0;
    std::vector<Target> outputs;                 ///< slots from 0 on; layers have no device
    std::vector<PresentController> controllers;  ///< with their slots
    std::vector<std::uint32_t> handles;          ///< of the controllers, as the ring names them
};

/// Where the engine leaves its status for other threads. Not on the event path.
class StatusBoard
{
 public:
    /// So many scenes are kept until they are taken.
    static constexpr std::size_t kMostScenes = 256;

    void putScene(std::shared_ptr<const Scene> scene)
    {
        const std::lock_guard lock(m_mutex);
        m_scenes.push_back(std::move(scene));
        if (m_scenes.size() > kMostScenes) m_scenes.pop_front();
    }

    /// The scene of a generation, if it is kept; those before it are no longer.
    [[nodiscard]] std::shared_ptr<const Scene> takeScene(std::uint64_t generation)
    {
        const std::lock_guard lock(m_mutex);
        while (!m_scenes.empty() && m_scenes.front()->generation < generation) m_scenes.pop_front();
        if (m_scenes.empty() || m_scenes.front()->generation != generation) return nullptr;
        return m_scenes.front();
    }

    void put(std::shared_ptr<const EngineStatus> status)
    {
        const std::lock_guard lock(m_mutex);
        m_status = std::move(status);
    }

    [[nodiscard]] std::shared_ptr<const EngineStatus> get() const
    {
        const std::lock_guard lock(m_mutex);
        return m_status;
    }

 private:
    mutable std::mutex m_mutex;
    std::deque<std::shared_ptr<const Scene>> m_scenes;
    std::shared_ptr<const EngineStatus> m_status = std::make_shared<EngineStatus>();
};

}  // namespace jolly
