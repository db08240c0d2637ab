// SPDX-License-Identifier: GPL-3.0-or-later
#include "format/files.h"

#include <gmock/gmock.h>
#include <sys/stat.h>
#include <unistd.h>

#include <fstream>

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

    fs::path folder;
    fs::path file;
};

TEST_F(FilesTest, MissingFilesAndFoldersAreNamed)
{
    EXPECT_THAT(readText(folder / "gone").error().text(), HasSubstr("is not there"));
    EXPECT_THAT(readText(folder).error().text(), HasSubstr("is a folder"));
}

TEST_F(FilesTest, PipesDevicesAndGiantsAreRefusedAtOnce)
{
    ASSERT_EQ(::mkfifo((folder / "pipe").c_str(), 0600), 0);
    EXPECT_THAT(readText(folder / "pipe").error().text(), HasSubstr("a pipe or a device"));
    EXPECT_THAT(readText("/dev/zero").error().text(), HasSubstr("a pipe or a device"));
    std::ofstream(file) << "{}";
    ASSERT_EQ(::truncate(file.c_str(), static_cast<off_t>(kMostBytes)), 0);
    EXPECT_EQ(readText(file)->size(), kMostBytes);
    ASSERT_EQ(::truncate(file.c_str(), static_cast<off_t>(kMostBytes) + 1), 0);
    EXPECT_THAT(readText(file).error().text(), HasSubstr("larger than 64 MB"));
}

}  // namespace
}  // namespace jolly::format
