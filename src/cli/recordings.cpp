// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/recordings.h"

#include "cli/commands.h"
#include "control/engine_client.h"
#include "core/tangle/matching.h"
#include "core/tangle/told.h"
#include "format/evemu.h"
#include "format/files.h"
#include "format/recording_file.h"

#include <unistd.h>

#include <array>
#include <cstdio>
#include <ctime>
#include <filesystem>
#include <fstream>
#include <iostream>

namespace jolly
{

namespace
{

/// Whether a file begins as one of evemu does.
bool beginsAsEvemu(const std::string& file)
{
    std::array<char, 16> head{};
    std::error_code error;
    if (!std::filesystem::is_regular_file(file, error)) return false;  // a pipe would be waited for
    std::ifstream(file, std::ios::binary).read(head.data(), head.size());
    return format::isEvemu({head.data(), head.size()});
}

}  // namespace

Result<Recording> openRecording(const std::string& file)
{
    if (!beginsAsEvemu(file)) {
        auto recording = format::openRecording(std::filesystem::path(file));
        if (recording && !recording->damage.empty())
            std::cerr << "tangle: " << recording->damage << std::endl;
        return recording;
    }
    const auto text = format::readText(file);
    if (!text) return tl::unexpected(text.error());
    return format::readEvemu(*text);
}

Result<Recording> recordingOfEngine(Time since)
{
    const auto client = EngineClient::connect();
    if (!client) return tl::unexpected(client.error());
    const auto fd = (*client)->recording(since);
    if (!fd) return tl::unexpected(fd.error());
    return format::openRecording(::dup(fd->get()), "The engine's recording");
}

std::string strangerIn(const Recording& recording, const Tangle& tangle)
{
    std::vector<Identity> recorded;
    for (const auto& controller : recording.controllers) recorded.push_back(controller.identity);
    const auto match = matchRig(tangle.rig, recorded);
    for (const auto rig : match.rigOf) {
        if (rig != Match::kUnknown) return {};
    }
    return say("No controller of the recording is in the tangle's rig, so nothing moves: it is of "
               "%1.",
               listed(recording.controllers, [](const auto& c) { return c.identity.name; }))
        .english();
}

std::string timeOfDay(const Recording& recording, Time time)
{
    const auto ns = recording.clock + time.count();
    const auto seconds = static_cast<std::time_t>(ns / 1'000'000'000);
    std::tm local{};
    localtime_r(&seconds, &local);
    std::array<char, 32> text{};
    std::snprintf(text.data(), text.size(), "%02d:%02d:%02d.%03d", local.tm_hour, local.tm_min,
                  local.tm_sec, static_cast<int>(ns / 1'000'000 % 1000));
    return text.data();
}

}  // namespace jolly
