// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/layers/meanings.h"
#include "core/value/result.h"

/// Edits of the stack and of what engages its layers. A refusal is a sentence, and changes nothing.
namespace jolly
{

/// A new layer on top of the stack. @return its id.
[[nodiscard]] Result<std::string> addLayer(Tangle& tangle, const std::string& name);

/// Puts a layer at another place of the stack; Base stays at the bottom.
/// @param place  from the bottom, no less than 1; what is too high is the top.
[[nodiscard]] Fallible moveLayer(Tangle& tangle, const std::string& layer, std::size_t place);

/// Takes a layer away with its strands; what engaged it leads to nothing, and others need it no
/// longer. Refuses for Base.
[[nodiscard]] Fallible removeLayer(Tangle& tangle, const std::string& layer);

/// Lets a control engage a layer, in Base of a craft. A button engages it while it is pressed, a
/// switch while it stands there, an axis while it is in its upper half; hats and turners are
/// refused. The controller is taken into the rig when it is not there.
/// @return the id of the new strand.
[[nodiscard]] Result<std::string> engageBy(Tangle& tangle, const RigController& controller,
                                           ControlCode control, const std::string& layer,
                                           Engage engage, const std::string& craft);

/// How the layer follows what a strand says: all its ends that lead there.
void setEngage(Tangle& tangle, const std::string& strand, const std::string& layer, Engage engage);

/// Lets what else a control does in Base happen only on a short tap, in which nothing else was
/// used: a stage "tap" comes before the other stages of its strands that engage no layer.
/// @return how many strands that were.
std::size_t tapOnly(Tangle& tangle, const std::string& rule);

}  // namespace jolly
