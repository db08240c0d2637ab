// SPDX-License-Identifier: GPL-3.0-or-later
#include <fcntl.h>
#include <sys/mman.h>
#include <unistd.h>

#include <atomic>
#include <cstddef>
#include <cstdlib>

/// Loaded into a program before all else (LD_PRELOAD): counts what its first thread allocates, in
/// the file that JOLLY_COUNT_FILE names, where others can read the number while it runs.
namespace
{

std::atomic<unsigned long>* g_count = nullptr;

__attribute__((constructor)) void begin()
{
    const char* file = std::getenv("JOLLY_COUNT_FILE");
    const int fd = file ? ::open(file, O_RDWR | O_CREAT | O_CLOEXEC, 0600) : -1;
    if (fd < 0 || ftruncate(fd, sizeof *g_count) != 0) return;
    void* place = mmap(nullptr, sizeof *g_count, PROT_READ | PROT_WRITE, MAP_SHARED, fd, 0);
    if (place != MAP_FAILED) g_count = static_cast<std::atomic<unsigned long>*>(place);
    ::close(fd);
}

void count() noexcept
{
    if (g_count && gettid() == getpid()) g_count->fetch_add(1);
}

}  // namespace

extern "C" {

void* __libc_malloc(std::size_t size);
void* __libc_calloc(std::size_t count, std::size_t size);
void* __libc_realloc(void* place, std::size_t size);

void* malloc(std::size_t size)
{
    count();
    return __libc_malloc(size);
}

void* calloc(std::size_t number, std::size_t size)
{
    count();
    return __libc_calloc(number, size);
}

void* realloc(void* place, std::size_t size)
{
    count();
    return __libc_realloc(place, size);
}
}
