// SPDX-License-Identifier: GPL-3.0-or-later
#include "format/files.h"

#include <fcntl.h>
#include <sys/stat.h>
#include <unistd.h>

#include <cerrno>
#include <cstring>
#include <fstream>
#include <iterator>

namespace jolly::format
{

namespace fs = std::filesystem;

namespace
{

tl::unexpected<Failure> failed(const std::string& deed, const fs::path& path, int error)
{
    const bool isForbidden = error == EACCES || error == EPERM || error == EROFS;
    const auto code = isForbidden ? Failure::Code::NotAllowed : Failure::Code::System;
    const auto cure = error == ENOSPC ? "Free some space and save again."
                                      : "Choose another place, or check its permissions.";
    return fail(code, "Could not " + deed + " " + path.string() + ": " + std::strerror(error) + ".",
                cure, error);
}

/// A file descriptor that closes itself.
struct File {
    int fd = -1;
    ~File()
    {
        if (fd >= 0) ::close(fd);
    }
};

bool writeAll(int fd, const std::string& text)
{
    std::size_t done = 0;
    while (done < text.size()) {
        const auto count = ::write(fd, text.data() + done, text.size() - done);
        if (count < 0 && errno != EINTR) return false;
        if (count > 0) done += static_cast<std::size_t>(count);
    }
    return ::fsync(fd) == 0;
}

Fallible writeTemporary(const fs::path& path, const std::string& text, mode_t mode)
{
    const File file{::open(path.c_str(), O_WRONLY | O_CREAT | O_TRUNC | O_CLOEXEC, mode)};
    if (file.fd < 0) return failed("write", path, errno);
    if (writeAll(file.fd, text)) return {};
    const int error = errno;
    ::unlink(path.c_str());
    return failed("write", path, error);
}

/// Makes the present text NAME.1~. It stays in place under its own name, too.
Fallible keepVersion(const fs::path& path)
{
    std::error_code error;
    if (!fs::exists(path, error)) return {};
    for (int age = kVersionsKept - 1; age >= 1; --age) {
        if (!fs::exists(earlierVersion(path, age), error)) continue;
        fs::rename(earlierVersion(path, age), earlierVersion(path, age + 1), error);
        if (error) return failed("keep an earlier version of", path, error.value());
    }
    fs::copy_file(path, earlierVersion(path, 1), fs::copy_options::overwrite_existing, error);
    if (error) return failed("keep an earlier version of", path, error.value());
    return {};
}

mode_t modeOf(const fs::path& path)
{
    struct stat info {
    };
    return ::stat(path.c_str(), &info) == 0 ? info.st_mode & 0777U : 0644U;
}

/// A link is followed, so that saving through it changes the file and not the link.
fs::path realFile(const fs::path& path)
{
    std::error_code error;
    const auto real = fs::canonical(path, error);
    return error ? path : real;
}

}  // namespace

fs::path earlierVersion(const fs::path& path, int age)
{
    return path.string() + "." + std::to_string(age) + "~";
}

Result<std::string> readText(const fs::path& path)
{
    std::error_code error;
    if (!fs::exists(path, error)) {
        return fail(Failure::Code::NotThere, path.string() + " is not there.",
                    "Check its name and folder.", ENOENT);
    }
    if (fs::is_directory(path, error)) {
        return fail(Failure::Code::Unreadable, path.string() + " is a folder.",
                    "Choose a file in it.", EISDIR);
    }
    std::ifstream in(path, std::ios::binary);
    std::string text{std::istreambuf_iterator<char>(in), {}};
    if (!in.is_open() || in.bad()) return failed("read", path, errno == 0 ? EIO : errno);
    return text;
}

Fallible saveText(const fs::path& wanted, const std::string& text)
{
    const auto path = realFile(wanted);
    const auto temporary = fs::path(path.string() + ".new~");
    if (auto done = writeTemporary(temporary, text, modeOf(path)); !done) return done;
    if (auto done = keepVersion(path); !done) {
        ::unlink(temporary.c_str());
        return done;
    }
    if (::rename(temporary.c_str(), path.c_str()) != 0) {
        const int error = errno;
        ::unlink(temporary.c_str());
        return failed("save", path, error);
    }
    const auto folder = path.has_parent_path() ? path.parent_path() : fs::path(".");
    const File directory{::open(folder.c_str(), O_RDONLY | O_DIRECTORY | O_CLOEXEC)};
    if (directory.fd >= 0) ::fsync(directory.fd);
    return {};
}

fs::path shippedFile(const fs::path& program, const std::string& name)
{
    std::error_code error;
    const auto installed = program / "../share/jolly-tangle" / name;
    const auto source = program / "../../../data" / name;
    const auto& found =
        !fs::exists(installed, error) && fs::exists(source, error) ? source : installed;
    return fs::weakly_canonical(found, error);
}

}  // namespace jolly::format
