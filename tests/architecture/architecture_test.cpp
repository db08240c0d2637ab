// SPDX-License-Identifier: GPL-3.0-or-later
#include "support/golden.h"

#include <gmock/gmock.h>

#include <algorithm>
#include <fstream>
#include <map>
#include <regex>
#include <sstream>
#include <vector>

namespace jolly::test
{
namespace
{

namespace fs = std::filesystem;
using testing::ElementsAre;
using testing::HasSubstr;
using testing::IsEmpty;

using Words = std::vector<std::string>;

/// One line of cmake/layers.txt.
struct Layer {
    Words layers;
    Words headers;
};

Words wordsOf(const std::string& text)
{
    std::istringstream in(text);
    return {std::istream_iterator<std::string>(in), {}};
}

std::map<std::string, Layer> readLayers()
{
    std::map<std::string, Layer> layers;
    std::istringstream in(textOf(fs::path(JOLLY_SOURCE_DIR) / "cmake" / "layers.txt"));
    for (std::string line; std::getline(in, line);) {
        if (line.empty() || line.starts_with('#')) continue;
        const auto first = line.find('|');
        const auto second = line.find('|', first + 1);
        const auto name = wordsOf(line.substr(0, first)).front();
        layers[name] = {wordsOf(line.substr(first + 1, second - first - 1)),
                        wordsOf(line.substr(second + 1))};
        layers[name].layers.push_back(name);
    }
    return layers;
}

/// Standard headers that would bring threads, clocks or files into the core.
const std::set<std::string> kNotForCore = {"thread", "mutex",   "condition_variable", "future",
                                           "atomic", "fstream", "iostream",           "filesystem",
                                           "cstdio", "ctime"};

bool isAllowed(const std::string& layer, const Layer& rules, bool isOurs, const std::string& header)
{
    if (isOurs) return std::ranges::count(rules.layers, header.substr(0, header.find('/'))) > 0;
    for (const auto& pattern : rules.headers) {
        const bool isPrefix =
            pattern.ends_with('*') && header.starts_with(pattern.substr(0, pattern.size() - 1));
        if (isPrefix || header == pattern) return true;
    }
    const bool isStandard = std::regex_match(header, std::regex("[a-z_0-9]+"));
    return isStandard && !(layer == "core" && kNotForCore.contains(header));
}

Words findLayerViolations(const fs::path& source)
{
    static const std::regex kInclude("^\\s*#include ([<\"])([^>\"]+)[>\"]");
    const auto layers = readLayers();
    Words violations;
    for (const auto& entry : fs::recursive_directory_iterator(source)) {
        if (entry.path().extension() != ".h" && entry.path().extension() != ".cpp") continue;
        const auto file = fs::relative(entry.path(), source).string();
        const auto layer = file.substr(0, file.find('/'));
        std::istringstream in(textOf(entry.path()));
        for (std::string line; std::getline(in, line);) {
            std::smatch match;
            if (!std::regex_search(line, match, kInclude)) continue;
            const auto found = layers.find(layer);
            const bool isFine = found != layers.end() &&
                                isAllowed(layer, found->second, match[1] == "\"", match[2]);
            if (!isFine) violations.push_back(file + " includes " + match[2].str());
        }
    }
    std::ranges::sort(violations);
    return violations;
}

Words findLongFiles(const fs::path& source)
{
    Words found;
    for (const auto& entry : fs::recursive_directory_iterator(source)) {
        const auto extension = entry.path().extension();
        if (extension != ".h" && extension != ".cpp") continue;
        const auto lines = std::ranges::count(textOf(entry.path()), '\n');
        if (lines > (extension == ".h" ? 150 : 400))
            found.push_back(entry.path().filename().string() + " " + std::to_string(lines));
    }
    return found;
}

using Graph = std::map<std::string, std::set<std::string>>;

/// Whether one comes back to a folder, going from one that includes to one that is included.
bool comesBack(const Graph& graph, const std::string& from, const std::string& to,
               std::set<std::string>& seen)
{
    const auto next = graph.find(from);
    return next != graph.end() && std::ranges::any_of(next->second, [&](const auto& folder) {
               return folder == to ||
                      (seen.insert(folder).second && comesBack(graph, folder, to, seen));
           });
}

/// Folders of a part that include each other round and round.
Words findFolderCircles(const fs::path& source, const std::string& part)
{
    const std::regex include("#include \"" + part + "/([a-z_]+)/[^\"]+\"");
    Graph graph;
    for (const auto& entry : fs::recursive_directory_iterator(source / part)) {
        if (!entry.is_regular_file() || entry.path().parent_path() == source / part) continue;
        const auto folder = entry.path().parent_path().filename().string();
        const auto text = textOf(entry.path());
        for (std::sregex_iterator at(text.begin(), text.end(), include), end; at != end; ++at) {
            if ((*at)[1] != folder) graph[folder].insert((*at)[1]);
        }
    }
    Words found;
    for (const auto& [folder, others] : graph) {
        std::set<std::string> seen;
        if (comesBack(graph, folder, folder, seen)) found.push_back(folder);
    }
    return found;
}

/// Files of the window, its models apart, that change the tangle by another way than Edits.
Words findWaysAroundTheGate(const fs::path& window)
{
    static const std::regex kAround("[dD]ocument(?:\\(\\))?\\.(?:put|edit)\\(");
    Words found;
    for (const auto& entry : fs::recursive_directory_iterator(window)) {
        if (!entry.is_regular_file() || entry.path().parent_path().filename() == "models") continue;
        if (std::regex_search(textOf(entry.path()), kAround))
            found.push_back(entry.path().filename().string());
    }
    return found;
}

/// Headers of the window that know all of its models at once.
std::ptrdiff_t countKnowingTheStudio(const fs::path& window)
{
    std::ptrdiff_t count = 0;
    for (const auto& entry : fs::recursive_directory_iterator(window)) {
        const bool isHeader = entry.is_regular_file() && entry.path().extension() == ".h";
        if (isHeader && textOf(entry.path()).find("Studio&") != std::string::npos) ++count;
    }
    return count;
}

const std::set<std::string> kFoldersOfStages = {"shaping", "digital", "hats", "turning"};

/// Where files may ask for a kind of goal: the folders core/goals and app/goals, and End, which
/// says for all others what it leads to.
const std::set<std::string> kAskForGoals = {"goals", "end.h"};

/// Where other files than those of the stages, or of the goals, ask whether one is of one kind.
/// What they want to know they ask of any kind (core/tangle/stage_*.h, core/goals/goal.h), so that
/// a new one is a file and a line.
Words findKindQuestions(const fs::path& source, const std::string& list,
                        const std::set<std::string>& mayAsk)
{
    static const std::regex kList("(?:StageListOf|Goal = std::variant)<([^>;]*)>;");
    static const std::regex kWord("[A-Z]\\w+");
    std::smatch kinds;
    if (!std::regex_search(list, kinds, kList)) return {"no list of kinds"};
    const auto text = kinds[1].str();
    std::set<std::string> names(std::sregex_token_iterator(text.begin(), text.end(), kWord),
                                std::sregex_token_iterator());
    static const std::regex kAsked("(?:get|get_if|holds_alternative)<(\\w+)>");
    Words found;
    for (const auto& entry : fs::recursive_directory_iterator(source)) {
        const auto folder = entry.path().parent_path().filename();
        if (!entry.is_regular_file() || mayAsk.contains(folder.string()) ||
            mayAsk.contains(entry.path().filename().string()))
            continue;
        const auto code = textOf(entry.path());
        for (std::sregex_iterator at(code.begin(), code.end(), kAsked), end; at != end; ++at) {
            if (names.contains((*at)[1]))
                found.push_back(entry.path().filename().string() + " asks for " + (*at)[1].str());
        }
    }
    std::ranges::sort(found);
    return found;
}

/// Lines of docs that are longer than 100 columns. A table's row is as long as it is.
Words findLongLines(const fs::path& folder)
{
    Words found;
    for (const auto& entry : fs::directory_iterator(folder)) {
        if (entry.path().extension() != ".md") continue;
        std::istringstream in(textOf(entry.path()));
        int number = 0;
        for (std::string line; std::getline(in, line);) {
            ++number;
            const auto isLetter = [](char c) { return (c & 0xc0) != 0x80; };  // in UTF-8
            if (!line.starts_with('|') && std::ranges::count_if(line, isLetter) > 100)
                found.push_back(entry.path().filename().string() + " " + std::to_string(number));
        }
    }
    return found;
}

/// Links of docs to files that are not there.
Words findBrokenLinks(const fs::path& folder)
{
    Words found;
    const std::regex link(R"(\]\(([^)#:\s]+)\))");
    for (const auto& entry : fs::directory_iterator(folder)) {
        if (entry.path().extension() != ".md") continue;
        const auto text = textOf(entry.path());
        for (auto it = std::sregex_iterator(text.begin(), text.end(), link);
             it != std::sregex_iterator(); ++it) {
            if (!fs::exists(folder / (*it)[1].str()))
                found.push_back(entry.path().filename().string() + " " + (*it)[1].str());
        }
    }
    return found;
}

const fs::path kSource = fs::path(JOLLY_SOURCE_DIR) / "src";
const fs::path kPlanted = testData() / "planted";

TEST(Architecture, LayersIncludeOnlyWhatTheyMay)
{
    EXPECT_THAT(findLayerViolations(kSource), IsEmpty());
}

TEST(Architecture, PlantedViolationsAreFound)
{
    EXPECT_THAT(
        findLayerViolations(kPlanted),
        ElementsAre("cellar/stranger.h includes vector", "core/clock.h includes format/place.h",
                    "core/clock.h includes sys/time.h", "core/clock.h includes thread",
                    "engine/window.h includes QWidget"));
}

TEST(Architecture, NoFolderOfTheWindowComesBackToItself)
{
    EXPECT_THAT(findFolderCircles(kSource, "app"), IsEmpty());
    EXPECT_THAT(findFolderCircles(kPlanted, "app"), ElementsAre("garden", "rooms"));
}

TEST(Architecture, TheWindowChangesTheTangleThroughOneGate)
{
    EXPECT_THAT(findWaysAroundTheGate(kSource / "app"), IsEmpty());
    EXPECT_THAT(findWaysAroundTheGate(kPlanted / "app"), ElementsAre("hall.h"));
}

TEST(Architecture, FewKnowAllModelsOfTheWindow)
{
    EXPECT_LT(countKnowingTheStudio(kSource / "app"), 15);
    EXPECT_EQ(countKnowingTheStudio(kPlanted / "app"), 1);
}

TEST(Architecture, FilesStaySmall)
{
    EXPECT_THAT(findLongFiles(kSource), IsEmpty());
}

TEST(Architecture, APlantedLongHeaderIsFound)
{
    EXPECT_THAT(findLongFiles(kPlanted), ElementsAre("long.h 151"));
}

TEST(Architecture, LinesOfDocsAreNotLong)
{
    EXPECT_THAT(findLongLines(JOLLY_SOURCE_DIR), IsEmpty());
    EXPECT_THAT(findLongLines(fs::path(JOLLY_SOURCE_DIR) / "docs"), IsEmpty());
}

TEST(Architecture, APlantedLongLineIsFound)
{
    EXPECT_THAT(findLongLines(kPlanted), ElementsAre("wide.md 4"));
}

TEST(Architecture, LinksOfDocsLeadSomewhere)
{
    EXPECT_THAT(findBrokenLinks(JOLLY_SOURCE_DIR), IsEmpty());
    EXPECT_THAT(findBrokenLinks(fs::path(JOLLY_SOURCE_DIR) / "docs"), IsEmpty());
    EXPECT_THAT(findBrokenLinks(fs::path(JOLLY_SOURCE_DIR) / "docs" / "formats"), IsEmpty());
}

TEST(Architecture, APlantedBrokenLinkIsFound)
{
    EXPECT_THAT(findBrokenLinks(kPlanted), ElementsAre("wide.md nowhere.md"));
}

TEST(Architecture, NobodyAsksForAKindOfStage)
{
    const auto list = textOf(kSource / "core" / "tangle" / "stage_list.h");
    EXPECT_THAT(list, HasSubstr("DeadZone,"));
    EXPECT_THAT(findKindQuestions(kSource, list, kFoldersOfStages), IsEmpty());
}

TEST(Architecture, NobodyAsksForAKindOfGoal)
{
    const auto list = textOf(kSource / "core" / "goals" / "goal_list.h");
    EXPECT_THAT(list, HasSubstr("LayerGoal,"));
    EXPECT_THAT(findKindQuestions(kSource, list, kAskForGoals), IsEmpty());
}

TEST(Architecture, APlantedQuestionForAKindIsFound)
{
    EXPECT_THAT(findKindQuestions(kPlanted, "using L = StageListOf<  //\n  Curve,  //\n  Half>;",
                                  kFoldersOfStages),
                ElementsAre("kinds.cpp asks for Curve", "kinds.cpp asks for Half"));
    EXPECT_THAT(findKindQuestions(kPlanted, "using Goal = std::variant<Target,  //\n  LayerGoal>;",
                                  kAskForGoals),
                ElementsAre("kinds.cpp asks for LayerGoal", "kinds.cpp asks for Target"));
}

}  // namespace
}  // namespace jolly::test
