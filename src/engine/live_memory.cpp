// SPDX-License-Identifier: GPL-3.0-or-later
#include "engine/live_memory.h"

#include <fcntl.h>
#include <sys/mman.h>
#include <unistd.h>

#include <cerrno>
#include <cstring>
#include <new>
#include <utility>

namespace jolly
{

namespace
{

tl::unexpected<Failure> failed(int error)
{
    return fail(Failure::Code::System,
                say("Could not share the live values: %1.", std::string(std::strerror(error))),
                words("Free some memory and start the engine again."), error);
}

}  // namespace

Result<LiveMemory> LiveMemory::make()
{
    const int fd = memfd_create("jolly-tangle-live", MFD_CLOEXEC | MFD_ALLOW_SEALING);
    if (fd < 0) return failed(errno);
    void* place = MAP_FAILED;
    if (ftruncate(fd, sizeof(LiveBlock)) == 0) {
        place = mmap(nullptr, sizeof(LiveBlock), PROT_READ | PROT_WRITE, MAP_SHARED, fd, 0);
    }
    constexpr int kSeals = F_SEAL_SHRINK | F_SEAL_GROW | F_SEAL_FUTURE_WRITE | F_SEAL_SEAL;
    if (place == MAP_FAILED || fcntl(fd, F_ADD_SEALS, kSeals) != 0) {
        const int error = errno;
        ::close(fd);
        return failed(error);
    }
    auto* block = new (place) LiveBlock{};
    block->header.version = kLiveVersion;
    block->header.enginePid = getpid();
    block->header.magic = kLiveMagic;
    return LiveMemory(fd, block);
}

LiveMemory::LiveMemory(LiveMemory&& other) noexcept
    : m_fd(std::exchange(other.m_fd, -1)), m_block(std::exchange(other.m_block, nullptr))
{
}

LiveMemory::~LiveMemory()
{
    if (m_block) munmap(m_block, sizeof(LiveBlock));
    if (m_fd >= 0) ::close(m_fd);
}

}  // namespace jolly
