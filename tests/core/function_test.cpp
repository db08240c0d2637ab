// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/layers/meanings.h"
#include "core/tangle/device_edit.h"
#include "core/tangle/difference.h"
#include "core/tangle/function_edit.h"
#include "core/weave/explain.h"
#include "core/weave/function_check.h"
#include "support/small_tangle.h"

#include <gmock/gmock.h>

/// Functions by id: how they are given, renamed and taken away.
namespace jolly
{
namespace
{

using namespace test;
using testing::ElementsAre;
using testing::HasSubstr;
using testing::IsEmpty;
using testing::SizeIs;

class Functions : public testing::Test
{
 protected:
    Functions()
    {
        tangle.craft.push_back({.id = "gannet", .name = "Gannet 12", .parent = "everywhere"});
        addStrand(tangle, kTrigger, button(1)).craft = "gannet";
    }

    void plan(const std::vector<std::string>& names) { setFunctions(tangle, "gannet", names); }
    std::vector<std::string> planned() const
    {
        std::vector<std::string> names;
        for (const auto& id : functionsOf(tangle, "gannet"))
            names.push_back(functionName(tangle, id));
        return names;
    }
    std::string at(VirtualControl control) const
    {
        return functionAt(tangle, {"jolly", control}).english();
    }

    Tangle tangle = smallTangle();
    const Target hatch{"jolly", button(1)};
};

TEST_F(Functions, OneThatIsRenamedIsRenamedEverywhere)
{
    plan({"mail hatch", "anchor"});
    setFunction(tangle, hatch, "mail hatch");
    auto& own = addStrand(tangle, kThumb, button(2));
    own.function = functionCalled(tangle, "mail hatch", FunctionKind::Press);
    ASSERT_TRUE(renameFunction(tangle, "mail-hatch", "post door"));
    EXPECT_EQ(at(button(1)), "post door");
    EXPECT_EQ(deedOf(tangle, tangle.strands.back()), "post door");
    EXPECT_THAT(planned(), ElementsAre("post door", "anchor"));
    EXPECT_THAT(gapsOf(tangle, "gannet"), ElementsAre("anchor"));
    EXPECT_THAT(findLostFunctions(tangle), IsEmpty());
}

TEST_F(Functions, ANameThatIsTakenOrEmptyIsRefusedAndNothingChanges)
{
    plan({"mail hatch", "anchor"});
    const auto before = tangle;
    EXPECT_FALSE(renameFunction(tangle, "anchor", "mail hatch"));
    EXPECT_FALSE(renameFunction(tangle, "anchor", ""));
    EXPECT_FALSE(renameFunction(tangle, "gone", "horn"));
    EXPECT_TRUE(renameFunction(tangle, "anchor", "anchor"));
    EXPECT_EQ(tangle, before);
}

TEST_F(Functions, ALineThatIsWrittenOverRenamesWhatItHeld)
{
    plan({"mail hatch", "anchor"});
    setFunction(tangle, hatch, "mail hatch");
    tangle.functions[0].inSim = "CARGO_DOOR";
    plan({"post door", "anchor"});
    EXPECT_EQ(at(button(1)), "post door");
    EXPECT_EQ(tangle.functions[0].inSim, "CARGO_DOOR");
    plan({"anchor", "post door"});  // another order is no renaming
    EXPECT_THAT(planned(), ElementsAre("anchor", "post door"));
    EXPECT_EQ(at(button(1)), "post door");
}

TEST_F(Functions, ALineMoreOrLessRenamesNothing)
{
    plan({"mail hatch", "anchor"});
    setFunction(tangle, hatch, "mail hatch");
    plan({"anchor", "horn", "anchor"});
    EXPECT_THAT(planned(), ElementsAre("anchor", "horn"));
    EXPECT_EQ(at(button(1)), "mail hatch") << "the control goes on having it";
    plan({});
    EXPECT_THAT(planned(), IsEmpty());
    EXPECT_THAT(tangle.functions, SizeIs(1)) << "nobody names the others";
}

TEST_F(Functions, AControlThatAloneHasOneRenamesItAndElseGetsAnother)
{
    plan({"mail hatch"});
    setFunction(tangle, hatch, "mail hatch");
    setFunction(tangle, hatch, "post door");
    EXPECT_THAT(planned(), ElementsAre("post door"));
    setFunction(tangle, {"jolly", button(2)}, "post door");
    setFunction(tangle, hatch, "horn");
    EXPECT_EQ(at(button(1)), "horn");
    EXPECT_EQ(at(button(2)), "post door");
    setFunction(tangle, hatch, "");
    EXPECT_THAT(tangle.functions, SizeIs(1)) << "the horn is nobody's any more";
    setFunction(tangle, {"jolly", axis(1)}, "roll");
    EXPECT_EQ(tangle.functions.back().kind, FunctionKind::Axis);
}

TEST_F(Functions, ANameInAnyScriptGetsAnIdOfItsOwn)
{
    plan({"Ruder", "Rüder", "舵", "船", "ruder"});
    EXPECT_THAT(planned(), ElementsAre("Ruder", "Rüder", "舵", "船", "ruder"));
    std::set<std::string> ids;
    for (const auto& function : tangle.functions) ids.insert(function.id);
    EXPECT_THAT(ids, SizeIs(5));
}

TEST_F(Functions, OnesThatAreNotThereAreNamed)
{
    tangle.strands[0].function = "gone";
    tangle.craft.back().functions = {"gone"};
    giveFunction(tangle, hatch, "gone");
    const auto found = findLostFunctions(tangle);
    ASSERT_THAT(found, SizeIs(3));
    EXPECT_EQ(found[0].path, "/devices/0/settings/1/function") << "the first is that of an axis";
    EXPECT_EQ(found[1].path, "/craft/1/functions/0");
    EXPECT_EQ(found[2].path, "/strands/0/function");
    EXPECT_THAT(found[1].sentence, HasSubstr("Gannet 12 names the function \"gone\""));
    EXPECT_EQ(at(button(1)), tangle.strands[0].name) << "as if it had none";
}

TEST_F(Functions, ARenamingIsToldInADifference)
{
    plan({"mail hatch"});
    auto after = tangle;
    ASSERT_TRUE(renameFunction(after, "mail-hatch", "post door"));
    EXPECT_THAT(differenceInWords(tangle, after),
                ElementsAre("Function \"post door\" was called \"mail hatch\"."));
}

}  // namespace
}  // namespace jolly
