// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <sys/types.h>

#include <cstddef>
#include <string>

namespace jolly::format
{

/// The system calls that a save consists of, each as its manual page says: -1 and errno when it
/// fails. The default is the real ones; tests let each fail in turn.
class FileCalls
{
 public:
    virtual ~FileCalls() = default;

    [[nodiscard]] virtual int open(const std::string& path, int flags, mode_t mode);
    [[nodiscard]] virtual ssize_t read(int fd, void* to, std::size_t size);
    [[nodiscard]] virtual ssize_t write(int fd, const void* from, std::size_t size);
    [[nodiscard]] virtual int changeMode(int fd, mode_t mode);
    [[nodiscard]] virtual int sync(int fd);
    [[nodiscard]] virtual int close(int fd);
    [[nodiscard]] virtual int rename(const std::string& from, const std::string& to);
    [[nodiscard]] virtual int remove(const std::string& path);

    /// The real ones.
    [[nodiscard]] static FileCalls& real();

    /// The real ones, which do not wait for the disk: for what has to survive the death of the
    /// program, not that of the machine.
    [[nodiscard]] static FileCalls& hasty();
};

}  // namespace jolly::format
