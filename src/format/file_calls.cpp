// SPDX-License-Identifier: GPL-3.0-or-later
#include "format/file_calls.h"

#include <fcntl.h>
#include <sys/stat.h>
#include <unistd.h>

#include <cstdio>

namespace jolly::format
{

int FileCalls::open(const std::string& path, int flags, mode_t mode)
{
    return ::open(path.c_str(), flags, mode);
}

ssize_t FileCalls::read(int fd, void* to, std::size_t size)
{
    return ::read(fd, to, size);
}

ssize_t FileCalls::write(int fd, const void* from, std::size_t size)
{
    return ::write(fd, from, size);
}

int FileCalls::changeMode(int fd, mode_t mode)
{
    return ::fchmod(fd, mode);
}

int FileCalls::sync(int fd)
{
    return ::fsync(fd);
}

int FileCalls::close(int fd)
{
    return ::close(fd);
}

int FileCalls::rename(const std::string& from, const std::string& to)
{
    return std::rename(from.c_str(), to.c_str());
}

int FileCalls::remove(const std::string& path)
{
    return ::unlink(path.c_str());
}

FileCalls& FileCalls::real()
{
    static FileCalls calls;
    return calls;
}

FileCalls& FileCalls::hasty()
{
    struct Hasty : FileCalls {
        int sync(int) override { return 0; }
    };
    static Hasty calls;
    return calls;
}

}  // namespace jolly::format
