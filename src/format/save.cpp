// SPDX-License-Identifier: GPL-3.0-or-later
#include "format/save.h"

#include <fcntl.h>
#include <sys/stat.h>
#include <unistd.h>

#include <array>
#include <cerrno>
#include <cstring>
#include <random>
#include <utility>
#include <vector>

namespace jolly::format
{

namespace fs = std::filesystem;

namespace
{

constexpr int kMostNames = 100;  ///< that are tried for a temporary file

/// What was tried.
enum class Deed : std::uint8_t { Save, Write, KeepEarlier };

Sentence couldNot(Deed deed, const std::string& path, const std::string& why)
{
    switch (deed) {
        case Deed::Save:
            return say("Could not save %1: %2.", path, why);
        case Deed::Write:
            return say("Could not write %1: %2.", path, why);
        case Deed::KeepEarlier:
            break;
    }
    return say("Could not keep an earlier version of %1: %2.", path, why);
}

tl::unexpected<Failure> failed(Deed deed, const fs::path& path, int error)
{
    const bool isForbidden = error == EACCES || error == EPERM || error == EROFS;
    const auto code = isForbidden ? Failure::Code::NotAllowed : Failure::Code::System;
    const auto cure = error == ENOSPC || error == EDQUOT
                          ? words("Free some space and save again.")
                          : words("Choose another place, or check its permissions.");
    return fail(code, couldNot(deed, path.string(), std::strerror(error)), cure, error);
}

/// A name with something behind it; one that would be too long for a file is cut before that.
fs::path withEnding(const fs::path& path, const std::string& ending)
{
    constexpr std::size_t kLongest = 255;  // NAME_MAX
    auto name = path.filename().string();
    if (name.size() + ending.size() > kLongest) {
        name.resize(kLongest - ending.size());
        while (!name.empty() && (static_cast<unsigned char>(name.back()) & 0xc0U) == 0x80U)
            name.pop_back();  // not in the middle of a character
        if (!name.empty() && (static_cast<unsigned char>(name.back()) & 0x80U) != 0)
            name.pop_back();
    }
    return path.parent_path() / (name + ending);
}

/// One save: its files and what was renamed so far, so that all of it can be taken back.
class Save
{
 public:
    Save(fs::path path, FileCalls& calls) : m_path(std::move(path)), m_calls(calls) {}

    Save(const Save&) = delete;
    Save& operator=(const Save&) = delete;

    /// Takes back what was not finished.
    ~Save()
    {
        if (!m_isDone) {
            for (auto step = m_renamed.rbegin(); step != m_renamed.rend(); ++step)
                static_cast<void>(m_calls.rename(step->second, step->first));
        }
        for (const auto& path : m_temporary) static_cast<void>(m_calls.remove(path));
        if (m_isDone && !m_oldest.empty()) static_cast<void>(m_calls.remove(m_oldest));
    }

    Fallible run(const std::string& text, bool keepsVersions)
    {
        struct stat old {
        };
        const bool isThere = ::stat(m_path.c_str(), &old) == 0;
        if (auto done = checkAccess(isThere, old.st_mode); !done) return done;
        const auto fresh = writeAside(text, isThere ? old.st_mode & 0777U : 0644U);
        if (!fresh) return tl::unexpected(fresh.error());
        if (isThere && keepsVersions) {
            if (auto done = keepVersion(old.st_mode & 0777U); !done) return done;
        }
        if (!rename(*fresh, m_path)) return failed(Deed::Save, m_path, errno);
        m_isDone = true;
        return syncFolder();
    }

 private:
    [[nodiscard]] Fallible checkAccess(bool isThere, mode_t mode) const
    {
        if (isThere && !S_ISREG(mode))
            return fail(Failure::Code::NotAllowed,
                        S_ISDIR(mode)
                            ? say("%1 is a folder, so nothing was written there.", m_path.string())
                            : say("%1 is a device or a pipe, so nothing was written there.",
                                  m_path.string()),
                        words("Save it under another name."), EEXIST);
        constexpr mode_t kAnyWrite = 0222;
        const bool isProtected =
            isThere && ((mode & kAnyWrite) == 0 || ::access(m_path.c_str(), W_OK) != 0);
        if (!isProtected) return {};
        return fail(Failure::Code::NotAllowed,
                    say("%1 is write-protected, so it was left as it is.", m_path.string()),
                    words("Save it under another name, or take the protection away."), EACCES);
    }

    /// A temporary file with a text in it, on the disk. It goes when the save ends otherwise.
    Result<std::string> writeAside(const std::string& text, mode_t mode)
    {
        std::string path;
        const int fd = openAside(path, mode);
        if (fd < 0) return failed(Deed::Write, m_path, errno);
        m_temporary.push_back(path);
        const int error = writeAll(fd, text, mode);
        if (m_calls.close(fd) != 0 && error == 0) return failed(Deed::Write, m_path, errno);
        if (error != 0) return failed(Deed::Write, m_path, error);
        return path;
    }

    int openAside(std::string& path, mode_t mode)
    {
        std::random_device random;
        constexpr int kFlags = O_WRONLY | O_CREAT | O_EXCL | O_NOFOLLOW | O_CLOEXEC;
        for (int i = 0; i < kMostNames; ++i) {
            path = withEnding(m_path, "." + std::to_string(random()) + ".new~").string();
            const int fd = m_calls.open(path, kFlags, mode & 0600U);
            if (fd >= 0 || errno != EEXIST) return fd;
        }
        return -1;
    }

    /// @return errno of what failed, or 0.
    int writeAll(int fd, const std::string& text, mode_t mode)
    {
        std::size_t done = 0;
        while (done < text.size()) {
            const auto count = m_calls.write(fd, text.data() + done, text.size() - done);
            if (count < 0 && errno == EINTR) continue;
            if (count <= 0) return count < 0 ? errno : ENOSPC;
            done += static_cast<std::size_t>(count);
        }
        if (m_calls.changeMode(fd, mode) != 0) return errno;
        return m_calls.sync(fd) == 0 ? 0 : errno;
    }

    /// Makes the present text NAME.1~, after the earlier ones moved on. It stays in place under its
    /// own name, too. The oldest is only put aside until the save is done.
    Fallible keepVersion(mode_t mode)
    {
        auto text = readPresent();
        if (!text) return tl::unexpected(text.error());
        const auto kept = writeAside(*text, mode);
        if (!kept) return tl::unexpected(kept.error());
        std::error_code error;
        const auto oldest = earlierVersion(m_path, kVersionsKept).string();
        if (fs::exists(oldest, error)) {
            const auto aside = withEnding(*kept, ".old~").string();
            if (!rename(oldest, aside)) return failed(Deed::KeepEarlier, m_path, errno);
            m_oldest = aside;
        }
        for (int age = kVersionsKept - 1; age >= 1; --age) {
            const auto from = earlierVersion(m_path, age).string();
            if (fs::exists(from, error) && !rename(from, earlierVersion(m_path, age + 1)))
                return failed(Deed::KeepEarlier, m_path, errno);
        }
        if (!rename(*kept, earlierVersion(m_path, 1)))
            return failed(Deed::KeepEarlier, m_path, errno);
        return {};
    }

    Result<std::string> readPresent()
    {
        const int fd = m_calls.open(m_path.string(), O_RDONLY | O_CLOEXEC | O_NONBLOCK, 0);
        if (fd < 0) return failed(Deed::KeepEarlier, m_path, errno);
        std::string text;
        std::array<char, 65536> buffer;
        ssize_t count = 0;
        do {
            count = m_calls.read(fd, buffer.data(), buffer.size());
            if (count > 0) text.append(buffer.data(), static_cast<std::size_t>(count));
        } while (count > 0 || (count < 0 && errno == EINTR));
        const int error = errno;
        static_cast<void>(m_calls.close(fd));
        if (count < 0) return failed(Deed::KeepEarlier, m_path, error);
        return text;
    }

    bool rename(const std::string& from, const fs::path& to)
    {
        if (m_calls.rename(from, to.string()) != 0) return false;
        m_renamed.emplace_back(from, to.string());
        return true;
    }

    /// The new names are on the disk, too.
    Fallible syncFolder()
    {
        const auto folder = m_path.has_parent_path() ? m_path.parent_path() : fs::path(".");
        const int fd = m_calls.open(folder.string(), O_RDONLY | O_DIRECTORY | O_CLOEXEC, 0);
        if (fd < 0) return {};  // a folder that may be written but not read: nothing to be done
        const int status = m_calls.sync(fd);
        const int error = errno;
        static_cast<void>(m_calls.close(fd));
        if (status == 0 || error == EINVAL) return {};  // some file systems cannot sync a folder
        return fail(Failure::Code::System,
                    say("%1 was saved, but the disk did not confirm it: %2.", m_path.string(),
                        std::string(std::strerror(error))),
                    words("Save it in another place, too."), error);
    }

    fs::path m_path;
    FileCalls& m_calls;
    std::vector<std::string> m_temporary;  ///< that go in the end, where they still are
    std::string m_oldest;                  ///< the version that goes once the save is done
    std::vector<std::pair<std::string, std::string>> m_renamed;  ///< from, to
    bool m_isDone = false;
};

/// A link is followed, also to a file that is not there yet, so that saving through it changes the
/// file and not the link.
fs::path realFile(fs::path path)
{
    constexpr int kMostLinks = 40;  // as the kernel's
    std::error_code error;
    for (int i = 0; i < kMostLinks && fs::is_symlink(path, error); ++i) {
        const auto to = fs::read_symlink(path, error);
        if (error) break;
        path = to.is_absolute() ? to : path.parent_path() / to;
    }
    const auto real = fs::canonical(path, error);
    return error ? path : real;
}

}  // namespace

fs::path earlierVersion(const fs::path& path, int age)
{
    return withEnding(path, "." + std::to_string(age) + "~");
}

Fallible saveText(const fs::path& path, const std::string& text, FileCalls& calls)
{
    return Save(realFile(path), calls).run(text, true);
}

Fallible replaceText(const fs::path& path, const std::string& text, FileCalls& calls)
{
    return Save(realFile(path), calls).run(text, false);
}

}  // namespace jolly::format
