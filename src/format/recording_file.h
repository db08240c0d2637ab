// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/flight/recording.h"
#include "core/tangle/tangle.h"

#include <filesystem>
#include <functional>
#include <memory>
#include <string>

/// Recordings as files, NAME.flight (docs/formats/recording.md).
namespace jolly::format
{

/// Whether a recording may be written there: nothing is there, or another recording. What is no
/// regular file is refused when it is saved.
[[nodiscard]] Fallible mayReplaceRecording(const std::filesystem::path& path);

/// The bytes of a recording file. Fails when a chunk of it cannot be read.
[[nodiscard]] Result<std::string> writeRecording(const Recording& recording);

/// Opens a recording: reads what it is about and where its chunks are; those are read when they are
/// asked for. One that was cut off is opened as far as it goes, and Recording::damage says so.
/// NotThere or NotAllowed when there is no such file, Unreadable when it is no recording.
[[nodiscard]] Result<Recording> openRecording(const std::filesystem::path& path);

/// Likewise from a file descriptor, which is closed with the recording. @param name  for sentences.
[[nodiscard]] Result<Recording> openRecording(int fd, const std::string& name);

/// The tangles of a recording by their numbers; each is read once. An empty one for a number that
/// it does not have.
[[nodiscard]] std::function<Tangle(std::uint32_t number)> tanglesOf(
    std::shared_ptr<const Recording> recording);

}  // namespace jolly::format
