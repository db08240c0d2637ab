// SPDX-License-Identifier: GPL-3.0-or-later
#include "format/files.h"

#include <fcntl.h>
#include <sys/stat.h>
#include <unistd.h>

#include <array>
#include <cerrno>
#include <cstdlib>
#include <cstring>

namespace jolly::format
{

namespace fs = std::filesystem;

namespace
{

/// A file descriptor that closes itself.
struct File {
    int fd = -1;
    ~File()
    {
        if (fd >= 0) ::close(fd);
    }
};

tl::unexpected<Failure> unreadable(const fs::path& path, int error)
{
    if (error == ENOENT)
        return fail(Failure::Code::NotThere, say("%1 is not there.", path.string()),
                    words("Check its name and folder."), error);
    const auto code = error == EACCES ? Failure::Code::NotAllowed : Failure::Code::System;
    return fail(code,
                say("Could not read %1: %2.", path.string(), std::string(std::strerror(error))),
                words("Choose another file, or check its permissions."), error);
}

Fallible checkKind(const fs::path& path, const struct stat& info)
{
    if (S_ISDIR(info.st_mode))
        return fail(Failure::Code::Unreadable, say("%1 is a folder.", path.string()),
                    words("Choose a file in it."), EISDIR);
    if (!S_ISREG(info.st_mode))
        return fail(Failure::Code::Unreadable,
                    say("%1 is no file but a pipe or a device.", path.string()),
                    words("Choose a file."));
    if (static_cast<std::size_t>(info.st_size) > kMostBytes)
        return fail(Failure::Code::Unreadable,
                    say("%1 is larger than %2 MB, which no file of ours is.", path.string(),
                        kMostBytes >> 20U),
                    words("Choose another one."), EFBIG);
    return {};
}

}  // namespace

Result<std::string> readText(const fs::path& path)
{
    const File file{::open(path.c_str(), O_RDONLY | O_NONBLOCK | O_NOCTTY | O_CLOEXEC)};
    if (file.fd < 0) return unreadable(path, errno);
    struct stat info {
    };
    if (::fstat(file.fd, &info) != 0) return unreadable(path, errno);
    if (auto fits = checkKind(path, info); !fits) return tl::unexpected(fits.error());
    std::string text;
    text.reserve(static_cast<std::size_t>(info.st_size));
    std::array<char, 65536> buffer;
    while (text.size() <= kMostBytes) {
        const auto count = ::read(file.fd, buffer.data(), buffer.size());
        if (count < 0 && errno == EINTR) continue;
        if (count < 0) return unreadable(path, errno);
        if (count == 0) return text;
        text.append(buffer.data(), static_cast<std::size_t>(count));
    }
    info.st_size = static_cast<off_t>(text.size());
    return tl::unexpected(checkKind(path, info).error());  // it grew meanwhile
}

fs::path shippedFile(const fs::path& program, const std::string& name)
{
    std::error_code error;
    if (const auto* folder = std::getenv("JOLLY_TANGLE_DATA")) return fs::path(folder) / name;
    const auto installed = program / "../share/jolly-tangle" / name;
    const auto source = program / "../../../data" / name;
    const auto& found =
        !fs::exists(installed, error) && fs::exists(source, error) ? source : installed;
    return fs::weakly_canonical(found, error);
}

}  // namespace jolly::format
