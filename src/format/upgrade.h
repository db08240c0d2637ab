// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/tangle/problem.h"
#include "format/json.h"

namespace jolly::format
{

/// Brings a tangle file of an earlier version to what is read now, so that old files always open.
/// Version 1 had a list of sources and of targets where a strand has one source and ends with
/// outlets now. Until version 2 functions were names; they are items with ids now, and "label" of a
/// virtual control is "function".
///
/// @param version   of the file, from 1; of the present one nothing changes.
/// @param problems  gets what the present version cannot say.
void upgradeTangle(Json& json, int version, Problems& problems);

/// Names the places of problems as the text of an earlier version does.
void placeAsIn(int version, Problems& problems);

}  // namespace jolly::format
