// SPDX-License-Identifier: GPL-3.0-or-later
#include "format/files.h"

#include <gmock/gmock.h>
#include <sys/resource.h>

#include <csignal>

namespace jolly::format
{
namespace
{

using testing::HasSubstr;
namespace fs = std::filesystem;

class FilesTest : public testing::Test
{
 protected:
    FilesTest() : folder(fs::temp_directory_path() / ("jolly-files-" + std::to_string(::getpid())))
    {
        fs::create_directories(folder);
        file = folder / "a.tangle";
    }
    ~FilesTest() override { fs::remove_all(folder); }

    std::string now() const { return readText(file).value_or("none"); }
    std::string before(int age) const
    {
        return readText(earlierVersion(file, age)).value_or("none");
    }
    std::size_t filesInFolder() const
    {
        return static_cast<std::size_t>(std::distance(fs::directory_iterator(folder), {}));
    }

    fs::path folder;
    fs::path file;
};

TEST_F(FilesTest, SavesAndKeepsTheLastFiveVersions)
{
    for (int i = 1; i <= 8; ++i) ASSERT_TRUE(saveText(file, "text " + std::to_string(i)));
    EXPECT_EQ(now(), "text 8");
    EXPECT_EQ(before(1), "text 7");
    EXPECT_EQ(before(5), "text 3");
    EXPECT_EQ(before(6), "none");
    EXPECT_EQ(filesInFolder(), 6U) << "no temporary file is left";
}

TEST_F(FilesTest, AFailedSaveLeavesEverythingAsItWas)
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

TEST_F(FilesTest, SavingIntoAFolderThatIsNotThereSaysSo)
{
    const auto done = saveText(folder / "none" / "a.tangle", "x");
    ASSERT_FALSE(done);
    EXPECT_THAT(done.error().text(), HasSubstr("No such file or directory. Choose another place"));
}

TEST_F(FilesTest, SavingThroughALinkChangesTheFileItLeadsTo)
{
    ASSERT_TRUE(saveText(file, "old"));
    fs::create_symlink(file, folder / "link");
    ASSERT_TRUE(saveText(folder / "link", "new"));
    EXPECT_EQ(now(), "new");
    EXPECT_TRUE(fs::is_symlink(folder / "link"));
}

TEST_F(FilesTest, MissingFilesAndFoldersAreNamed)
{
    EXPECT_THAT(readText(folder / "gone").error().text(), HasSubstr("is not there"));
    EXPECT_THAT(readText(folder).error().text(), HasSubstr("is a folder"));
}

}  // namespace
}  // namespace jolly::format
