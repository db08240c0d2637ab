// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/tangle/tangle.h"
#include "core/value/result.h"

#include <string>
#include <string_view>
#include <vector>

/// How functions are named, given to virtual controls and craft, and renamed. What nobody names any
/// more is taken out.
namespace jolly
{

/// A function by its id; null when there is none.
[[nodiscard]] const Function* findFunction(const Tangle& tangle, std::string_view id);

/// What a function is called; empty for no id, and for one that the tangle does not have.
[[nodiscard]] std::string functionName(const Tangle& tangle, std::string_view id);

/// The function of a name; it is made when there is none. @return its id.
std::string functionCalled(Tangle& tangle, const std::string& name, FunctionKind kind);

/// What a virtual control is for; an empty name for nothing. Another name for a function that this
/// control alone has renames it.
void setFunction(Tangle& tangle, const Target& place, const std::string& name);

/// What a craft plans to have, by names; those that are given twice count once. A name in the place
/// of another one renames that function.
void setFunctions(Tangle& tangle, std::string_view craft, const std::vector<std::string>& names);

/// Gives a function another name: everything that names it goes on doing so. Refuses the name of
/// another one, and an empty one.
[[nodiscard]] Fallible renameFunction(Tangle& tangle, std::string_view id, const std::string& name);

}  // namespace jolly
