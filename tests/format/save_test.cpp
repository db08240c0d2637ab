// SPDX-License-Identifier: GPL-3.0-or-later
#include "format/save.h"

#include "format/files.h"

#include <fcntl.h>
#include <gmock/gmock.h>
#include <sys/resource.h>
#include <sys/stat.h>
#include <unistd.h>

#include <cerrno>
#include <csignal>
#include <set>
#include <thread>

namespace jolly::format
{
namespace
{

using testing::HasSubstr;
namespace fs = std::filesystem;

/// Calls of which one fails, or after which nothing happens any more, as if the power went.
class FaultyCalls : public FileCalls
{
 public:
    int failsAt = -1;  ///< the number of the call that fails, from 0
    int error = EIO;
    bool isDeadly = false;      ///< and all that would come after it
    bool writesHalves = false;  ///< a write takes a part only
    int count = 0;

    int open(const std::string& path, int flags, mode_t mode) override
    {
        return fails() ? -1 : FileCalls::open(path, flags, mode);
    }
    ssize_t read(int fd, void* to, std::size_t size) override
    {
        return fails() ? -1 : FileCalls::read(fd, to, size);
    }
    ssize_t write(int fd, const void* from, std::size_t size) override
    {
        if (fails()) return -1;
        return FileCalls::write(fd, from, writesHalves ? (size + 1) / 2 : size);
    }
    int changeMode(int fd, mode_t mode) override
    {
        return fails() ? -1 : FileCalls::changeMode(fd, mode);
    }
    int sync(int fd) override { return fails() ? -1 : FileCalls::sync(fd); }
    int close(int fd) override
    {
        const int done = FileCalls::close(fd);  // the number is free, whatever it says
        return fails() ? -1 : done;
    }
    int rename(const std::string& from, const std::string& to) override
    {
        return fails() ? -1 : FileCalls::rename(from, to);
    }
    int remove(const std::string& path) override { return fails() ? -1 : FileCalls::remove(path); }

 private:
    bool fails()
    {
        const int number = count++;
        const bool does = number == failsAt || (isDeadly && failsAt >= 0 && number > failsAt);
        if (does) errno = error;
        return does;
    }
};

class SaveTest : public testing::Test
{
 protected:
    SaveTest() : folder(fs::temp_directory_path() / ("jolly-save-" + std::to_string(::getpid())))
    {
        begin();
    }
    ~SaveTest() override { fs::remove_all(folder); }

    void begin()
    {
        fs::remove_all(folder);
        fs::create_directories(folder);
        file = folder / "a.tangle";
    }
    std::string now() const { return readText(file).value_or("none"); }
    std::string before(int age) const
    {
        return readText(earlierVersion(file, age)).value_or("none");
    }
    std::size_t filesInFolder() const
    {
        return static_cast<std::size_t>(std::distance(fs::directory_iterator(folder), {}));
    }
    /// Six saves that went well.
    void saveSix()
    {
        begin();
        for (int i = 1; i <= 6; ++i) ASSERT_TRUE(saveText(file, text(i)));
    }
    static std::string text(int number)
    {
        return std::string(70'000, 'x') + " text " + std::to_string(number);
    }
    void expectAllAsItWas(const std::string& when) const
    {
        EXPECT_EQ(now(), text(6)) << when;
        for (int age = 1; age <= kVersionsKept; ++age)
            EXPECT_EQ(before(age), text(6 - age)) << when;
        EXPECT_EQ(filesInFolder(), 6U) << when;
    }

    fs::path folder;
    fs::path file;
};

TEST_F(SaveTest, SavesAndKeepsTheLastFiveVersions)
{
    for (int i = 1; i <= 8; ++i) ASSERT_TRUE(saveText(file, "text " + std::to_string(i)));
    EXPECT_EQ(now(), "text 8");
    EXPECT_EQ(before(1), "text 7");
    EXPECT_EQ(before(5), "text 3");
    EXPECT_EQ(before(6), "none");
    EXPECT_EQ(filesInFolder(), 6U) << "no temporary file is left";
}

TEST_F(SaveTest, AFailedSaveLeavesEverythingAsItWas)
{
    ASSERT_TRUE(saveText(file, "the flight"));
    std::signal(SIGXFSZ, SIG_IGN);
    rlimit limit{};
    getrlimit(RLIMIT_FSIZE, &limit);
    const rlimit tiny{16, limit.rlim_max};
    setrlimit(RLIMIT_FSIZE, &tiny);
    const auto done = saveText(file, std::string(1000, 'x'));
    setrlimit(RLIMIT_FSIZE, &limit);
    ASSERT_FALSE(done);
    EXPECT_THAT(done.error().sentence, HasSubstr("Could not write"));
    EXPECT_EQ(now(), "the flight");
    EXPECT_EQ(filesInFolder(), 1U);
}

TEST_F(SaveTest, SavingIntoAFolderThatIsNotThereSaysSo)
{
    const auto done = saveText(folder / "none" / "a.tangle", "x");
    ASSERT_FALSE(done);
    EXPECT_THAT(done.error().text(), HasSubstr("No such file or directory. Choose another place"));
}

TEST_F(SaveTest, SavingThroughALinkChangesTheFileItLeadsTo)
{
    ASSERT_TRUE(saveText(file, "old"));
    fs::create_symlink(file, folder / "link");
    ASSERT_TRUE(saveText(folder / "link", "new"));
    EXPECT_EQ(now(), "new");
    EXPECT_TRUE(fs::is_symlink(folder / "link"));
}

TEST_F(SaveTest, WhicheverCallFailsNothingIsLostAndTheReasonIsSaid)
{
    saveSix();
    FaultyCalls counting;
    ASSERT_TRUE(saveText(file, text(7), counting));
    ASSERT_GT(counting.count, 15);
    for (int call = 0; call < counting.count; ++call) {
        saveSix();
        FaultyCalls calls;
        calls.failsAt = call;
        calls.error = ENOSPC;
        const auto done = saveText(file, text(7), calls);
        const auto when =
            "call " + std::to_string(call) + (done ? "" : ": " + done.error().text().english());
        if (now() == text(7)) {  // what failed came after the new text was in its place
            EXPECT_EQ(before(1), text(6)) << when;
            EXPECT_EQ(before(5), text(2)) << when;
            continue;
        }
        ASSERT_FALSE(done) << when;
        expectAllAsItWas(when);
        EXPECT_THAT(done.error().text(), HasSubstr("No space left on device. Free some space"));
    }
}

TEST_F(SaveTest, WhereverItIsKilledEveryTextIsWholeAndNoneIsLost)
{
    for (int call = 0; call < 40; ++call) {
        saveSix();
        FaultyCalls calls;
        calls.failsAt = call;
        calls.isDeadly = true;
        static_cast<void>(saveText(file, text(7), calls));
        EXPECT_TRUE(now() == text(6) || now() == text(7)) << call;
        std::set<std::string> kept;
        for (const auto& entry : fs::directory_iterator(folder))
            kept.insert(readText(entry.path()).value_or("none"));
        for (int number = 2; number <= 6; ++number)
            EXPECT_TRUE(kept.contains(text(number))) << "text " << number << ", call " << call;
        for (int age = 1; age <= kVersionsKept; ++age)
            EXPECT_TRUE(before(age) == "none" || before(age).size() == text(1).size()) << call;
        ASSERT_TRUE(saveText(file, text(8))) << "the next save goes well";
        EXPECT_EQ(now(), text(8));
    }
}

TEST_F(SaveTest, AWriteThatTakesAPartOnlyIsGoneOnWith)
{
    FaultyCalls calls;
    calls.writesHalves = true;
    ASSERT_TRUE(replaceText(file, text(1), calls));
    EXPECT_EQ(now(), text(1));
    EXPECT_EQ(filesInFolder(), 1U);
}

TEST_F(SaveTest, TwoAtOnceDoNotMix)
{
    const auto saveOften = [&](char letter) {
        for (int i = 0; i < 60; ++i)
            static_cast<void>(replaceText(file, std::string(200'000, letter)));
    };
    std::thread other(saveOften, 'b');
    saveOften('a');
    other.join();
    const auto text = now();
    ASSERT_EQ(text.size(), 200'000U);
    EXPECT_EQ(text.find_first_not_of(text.front()), std::string::npos);
    EXPECT_EQ(filesInFolder(), 1U);
}

TEST_F(SaveTest, ALinkInThePlaceOfATemporaryFileIsNotFollowed)
{
    const auto victim = folder / "victim";
    ASSERT_TRUE(replaceText(victim, "mine"));
    fs::create_symlink(victim, file.string() + ".new~");
    ASSERT_TRUE(saveText(file, "new"));
    EXPECT_EQ(readText(victim).value_or("none"), "mine");
}

TEST_F(SaveTest, AWriteProtectedFileIsNotReplaced)
{
    ASSERT_TRUE(saveText(file, "mine"));
    ASSERT_EQ(::chmod(file.c_str(), 0444), 0);
    const auto done = saveText(file, "other");
    ASSERT_FALSE(done);
    EXPECT_THAT(done.error().text(), HasSubstr("is write-protected"));
    EXPECT_EQ(now(), "mine");
}

TEST_F(SaveTest, PermissionsStayAsTheyWere)
{
    ASSERT_TRUE(saveText(file, "mine"));
    ASSERT_EQ(::chmod(file.c_str(), 0640), 0);
    ASSERT_TRUE(saveText(file, "new"));
    EXPECT_EQ(fs::status(file).permissions(), fs::perms(0640));
    EXPECT_EQ(fs::status(earlierVersion(file, 1)).permissions(), fs::perms(0640));
}

TEST_F(SaveTest, SavingThroughALinkToAFileThatIsNotThereMakesThatFile)
{
    const auto there = folder / "elsewhere.tangle";
    fs::create_symlink(there, file);
    ASSERT_TRUE(saveText(file, "text"));
    EXPECT_TRUE(fs::is_symlink(file));
    EXPECT_EQ(readText(there).value_or("none"), "text");
}

TEST_F(SaveTest, WhatIsNoFileIsLeftAlone)
{
    ASSERT_EQ(::mkfifo(file.c_str(), 0600), 0);
    const auto done = replaceText(file, "text");
    ASSERT_FALSE(done);
    EXPECT_THAT(done.error().sentence, testing::HasSubstr("is a device or a pipe"));
    EXPECT_TRUE(fs::is_fifo(file));
}

TEST_F(SaveTest, ANameAsLongAsNamesMayBeIsSavedWithItsEarlierVersions)
{
    file = folder / (std::string(240, 'x') + "ä.tangle");
    for (const auto* text : {"one", "two", "three"}) ASSERT_TRUE(saveText(file, text));
    EXPECT_EQ(now(), "three");
    EXPECT_EQ(before(1), "two");
    EXPECT_EQ(before(2), "one");
    EXPECT_EQ(filesInFolder(), 3U) << "and nothing besides";
}

}  // namespace
}  // namespace jolly::format
