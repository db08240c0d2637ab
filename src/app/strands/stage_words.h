// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/style/qt_text.h"
#include "core/tangle/stage.h"

#include <QObject>
#include <QString>

/// What the window says of a stage.
namespace jolly::app
{

[[nodiscard]] inline QString nameOf(const Stage& stage)
{
    return toQt(infoOf(stage.parameters).name);
}

/// Its name with a capital.
[[nodiscard]] inline QString titleOf(const Stage& stage)
{
    auto title = nameOf(stage);
    if (!title.isEmpty()) title[0] = title[0].toUpper();
    return title;
}

[[nodiscard]] inline QString sentenceOf(const Stage& stage)
{
    return toQt(infoOf(stage.parameters).sentence);
}

/// What it is set to, in a few words.
[[nodiscard]] inline QString summaryOf(const Stage& stage)
{
    if (!stage.isOn) return QObject::tr("switched off");
    return toQt(std::visit([](const auto& p) { return p.summary(); }, stage.parameters));
}

}  // namespace jolly::app
