// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/flight/tape.h"
#include "format/evemu.h"
#include "format/recording_file.h"
#include "format/recording_json.h"
#include "fuzz.h"

#include <sys/mman.h>
#include <unistd.h>

using namespace jolly;

namespace
{

/// Everything of a recording, so that nothing in it is only believed.
void readAll(const Recording& recording)
{
    static_cast<void>(recording.forEach(
        0, [](const Standing&) {}, [](const Happening&) { return true; }));
    static_cast<void>(recording.textOf(recording.firstTangle));
    static_cast<void>(recording.standingAt(recording.last()));
}

}  // namespace

/// The first byte says what the rest is taken for: a tape, a text of evemu, a head, a file.
extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size)
{
    if (size == 0) return 0;
    const auto rest = fuzz::textOf(data + 1, size - 1);
    switch (data[0] % 4) {
        case 0: {
            TapeReader reader(rest);
            while (reader.next()) {
            }
            break;
        }
        case 1:
            if (const auto read = format::readEvemu(rest)) {
                readAll(*read);
                fuzz::expect(format::writeEvemu(*read, 0).has_value(), "what is read is written");
            }
            break;
        case 2:
            if (const auto head = format::recordingOfJson(rest))
                fuzz::expect(format::recordingOfJson(format::jsonOf(*head)).has_value(),
                             "a head that is read can be read again");
            break;
        default: {
            const int fd = memfd_create("recording", MFD_CLOEXEC);
            static_cast<void>(::write(fd, rest.data(), rest.size()) >= 0);
            if (const auto recording = format::openRecording(fd, "it")) readAll(*recording);
        }
    }
    return 0;
}
