// SPDX-License-Identifier: GPL-3.0-or-later
#include "format/recording_file.h"

#include "format/recording_json.h"
#include "format/tangle_text.h"

#include <fcntl.h>
#include <sys/stat.h>
#include <unistd.h>
#include <zlib.h>

#include <array>
#include <cerrno>
#include <cstring>
#include <map>
#include <memory>

namespace jolly::format
{

namespace
{

constexpr std::string_view kMagic = "JTFLIGHT";
constexpr std::uint32_t kVersion = 1;
constexpr std::uint32_t kHead = 0x44414548;  // "HEAD"
constexpr std::uint32_t kInfo = 0x4f464e49;  // "INFO"
constexpr std::uint32_t kTape = 0x45504154;  // "TAPE"
constexpr std::uint32_t kEnd = 0x20444e45;   // "END "
constexpr std::size_t kBlockHead = 12;
constexpr std::uint32_t kMostInfo = 1U << 24U;
constexpr std::uint32_t kMostHead = 1U << 30U;

template <class Number>
void put(std::string& bytes, Number number)
{
    for (std::size_t i = 0; i < sizeof number; ++i)
        bytes.push_back(static_cast<char>(static_cast<std::uint64_t>(number) >> (8 * i)));
}

template <class Number>
Number take(std::string_view& bytes)
{
    std::uint64_t number = 0;
    for (std::size_t i = 0; i < sizeof(Number); ++i)
        number |= static_cast<std::uint64_t>(static_cast<unsigned char>(bytes[i])) << (8 * i);
    bytes.remove_prefix(sizeof(Number));
    return static_cast<Number>(number);
}

std::uint32_t sumOf(std::string_view bytes)
{
    return static_cast<std::uint32_t>(
        crc32_z(0, reinterpret_cast<const Bytef*>(bytes.data()), bytes.size()));
}

void putBlock(std::string& file, std::uint32_t type, std::string_view payload)
{
    put(file, type);
    put(file, static_cast<std::uint32_t>(payload.size()));
    put(file, sumOf(payload));
    file += payload;
}

std::string infoOf(const Chunk& chunk)
{
    std::string info;
    put(info, chunk.first.count());
    put(info, chunk.last.count());
    put(info, chunk.count);
    for (const auto track : chunk.active) put(info, track);
    return info;
}

/// An open file, closed with the last who reads it.
class OpenFile
{
 public:
    explicit OpenFile(int fd) : m_fd(fd) {}
    OpenFile(const OpenFile&) = delete;
    OpenFile& operator=(const OpenFile&) = delete;
    ~OpenFile()
    {
        if (m_fd >= 0) ::close(m_fd);
    }

    /// Up to `size` bytes; fewer at the end.
    [[nodiscard]] Result<std::string> read(std::uint64_t offset, std::size_t size) const
    {
        std::string bytes(size, '\0');
        std::size_t got = 0;
        while (got < size) {
            const auto count =
                ::pread(m_fd, bytes.data() + got, size - got, static_cast<off_t>(offset + got));
            if (count < 0 && errno == EINTR) continue;
            if (count < 0)
                return fail(
                    Failure::Code::System,
                    say("The recording cannot be read: %1.", std::string(std::strerror(errno))),
                    words("Check the disk it lies on."), errno);
            if (count == 0) break;
            got += static_cast<std::size_t>(count);
        }
        bytes.resize(got);
        return bytes;
    }

    [[nodiscard]] std::uint64_t size() const
    {
        struct stat about {
        };
        return ::fstat(m_fd, &about) == 0 ? static_cast<std::uint64_t>(about.st_size) : 0;
    }

 private:
    int m_fd;
};

struct Block {
    std::uint32_t type = 0;
    std::uint32_t length = 0;
    std::uint32_t sum = 0;
    std::uint64_t offset = 0;  ///< of what is in it
};

/// Reads the blocks of a file one after the other.
class ChunkReading
{
 public:
    ChunkReading(std::shared_ptr<const OpenFile> file, std::string name)
        : m_file(std::move(file)), m_name(std::move(name)), m_size(m_file->size())
    {
    }

    [[nodiscard]] Result<Recording> run()
    {
        auto magic = m_file->read(0, kMagic.size() + 4);
        if (!magic) return tl::unexpected(magic.error());
        if (magic->size() < kMagic.size() + 4 || !magic->starts_with(kMagic))
            return fail(Failure::Code::Unreadable, say("%1 is no recording of a flight.", m_name),
                        words("Choose a file whose name ends in .flight."));
        auto rest = std::string_view(*magic).substr(kMagic.size());
        if (take<std::uint32_t>(rest) > kVersion)
            return fail(Failure::Code::Unreadable,
                        say("%1 was recorded by a newer Jolly Tangle.", m_name),
                        words("Open it with that version."));
        m_at = magic->size();
        auto head = readHead();
        if (!head) return head;
        m_recording = std::move(*head);
        readChunks();
        m_recording.fetch = [file = m_file](const Chunk& chunk) { return fetch(*file, chunk); };
        return std::move(m_recording);
    }

 private:
    [[nodiscard]] std::optional<Block> nextBlock()
    {
        const auto bytes = m_file->read(m_at, kBlockHead);
        if (!bytes || bytes->size() < kBlockHead) return std::nullopt;
        std::string_view rest(*bytes);
        Block block;
        block.type = take<std::uint32_t>(rest);
        block.length = take<std::uint32_t>(rest);
        block.sum = take<std::uint32_t>(rest);
        block.offset = m_at + kBlockHead;
        if (block.offset + block.length > m_size) return std::nullopt;
        m_at = block.offset + block.length;
        return block;
    }

    [[nodiscard]] std::optional<std::string> contentOf(const Block& block, std::uint32_t most) const
    {
        if (block.length > most) return std::nullopt;
        auto bytes = m_file->read(block.offset, block.length);
        if (!bytes || bytes->size() < block.length || sumOf(*bytes) != block.sum)
            return std::nullopt;
        return std::move(*bytes);
    }

    [[nodiscard]] Result<Recording> readHead()
    {
        const auto block = nextBlock();
        const auto text =
            block && block->type == kHead ? contentOf(*block, kMostHead) : std::nullopt;
        auto recording = text ? recordingOfJson(*text) : std::nullopt;
        if (recording) return std::move(*recording);
        return fail(Failure::Code::Unreadable,
                    say("%1 is damaged at its beginning; nothing of it can be used.", m_name),
                    words("Open another recording."));
    }

    void readChunks()
    {
        while (const auto info = nextBlock()) {
            if (info->type == kEnd) return;
            const auto tape = info->type == kInfo ? nextBlock() : std::nullopt;
            const auto bytes =
                tape && tape->type == kTape ? contentOf(*info, kMostInfo) : std::nullopt;
            if (!bytes || !takeInfo(*bytes, *tape)) break;
        }
        if (!m_recording.damage.empty()) return;
        m_recording.damage =
            say("%1 is cut off; what follows its first %2 seconds is missing.", m_name,
                static_cast<long>(inSeconds(m_recording.last() - m_recording.first())));
    }

    [[nodiscard]] bool takeInfo(std::string_view bytes, const Block& tape)
    {
        constexpr std::size_t kFixed = 20;
        if (bytes.size() < kFixed || bytes.size() % 4 != 0) return false;
        Chunk chunk;
        chunk.first = Time(take<std::int64_t>(bytes));
        chunk.last = Time(take<std::int64_t>(bytes));
        chunk.count = take<std::uint32_t>(bytes);
        while (!bytes.empty()) chunk.active.push_back(take<std::uint32_t>(bytes));
        chunk.offset = tape.offset;
        chunk.length = tape.length;
        chunk.sum = tape.sum;
        const auto& chunks = m_recording.chunks;
        if (chunk.last < chunk.first || (!chunks.empty() && chunk.first < chunks.back().first)) {
            m_recording.damage = say(
                "The times of %1 go backwards; what comes after that place is left out.", m_name);
            return false;
        }
        m_recording.chunks.push_back(std::move(chunk));
        return true;
    }

    static Result<std::string> fetch(const OpenFile& file, const Chunk& chunk)
    {
        auto bytes = file.read(chunk.offset, chunk.length);
        if (!bytes) return bytes;
        if (bytes->size() == chunk.length && sumOf(*bytes) == chunk.sum) return bytes;
        return fail(Failure::Code::Unreadable,
                    words("A part of the recording is damaged; what follows it cannot be read."),
                    words("What is before it can be used."));
    }

    std::shared_ptr<const OpenFile> m_file;
    std::string m_name;
    std::uint64_t m_size;
    std::uint64_t m_at = 0;
    Recording m_recording;
};

}  // namespace

Result<std::string> writeRecording(const Recording& recording)
{
    std::string file(kMagic);
    put(file, kVersion);
    putBlock(file, kHead, jsonOf(recording));
    for (const auto& chunk : recording.chunks) {
        putBlock(file, kInfo, infoOf(chunk));
        if (chunk.bytes) {
            putBlock(file, kTape, *chunk.bytes);
            continue;
        }
        const auto bytes = recording.fetch(chunk);
        if (!bytes) return bytes;
        putBlock(file, kTape, *bytes);
    }
    putBlock(file, kEnd, {});
    return file;
}

Result<Recording> openRecording(int fd, const std::string& name)
{
    return ChunkReading(std::make_shared<const OpenFile>(fd), name).run();
}

Fallible mayReplaceRecording(const std::filesystem::path& path)
{
    const OpenFile file(::open(path.c_str(), O_RDONLY | O_CLOEXEC | O_NONBLOCK));
    const auto head = file.read(0, kMagic.size());
    const bool isOther = head && !head->empty() && *head != kMagic;
    if (!isOther) return {};
    return fail(Failure::Code::NotAllowed,
                say("%1 is there and is no recording, so it was left as it is.", path.string()),
                words("Choose another name, such as last.flight."), EEXIST);
}

Result<Recording> openRecording(const std::filesystem::path& path)
{
    const auto name = path.string();
    const int fd = ::open(name.c_str(), O_RDONLY | O_CLOEXEC | O_NONBLOCK);
    if (fd < 0) {
        const bool isForbidden = errno == EACCES;
        return fail(
            isForbidden ? Failure::Code::NotAllowed : Failure::Code::NotThere,
            isForbidden ? say("%1 may not be read.", name) : say("There is no file %1.", name),
            isForbidden ? words("Check its permissions.") : words("Check its name."), errno);
    }
    struct stat about {
    };
    if (::fstat(fd, &about) == 0 && S_ISREG(about.st_mode)) return openRecording(fd, name);
    ::close(fd);
    return fail(Failure::Code::Unreadable, say("%1 is no file.", name),
                words("Choose a recording."));
}

std::function<Tangle(std::uint32_t number)> tanglesOf(std::shared_ptr<const Recording> recording)
{
    struct Known {
        TextWalk walk;
        std::optional<std::uint32_t> number;
        Tangle tangle;
    };
    auto known = std::make_shared<Known>(Known{TextWalk(*recording), {}, {}});
    return [known, recording = std::move(recording)](std::uint32_t number) {
        if (known->number == number) return known->tangle;
        const auto& text = known->walk.at(number);
        known->tangle = text.empty() ? Tangle{} : readTangle(text).tangle;
        known->number = number;
        return known->tangle;
    };
}

}  // namespace jolly::format
