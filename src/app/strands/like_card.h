// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/weaver.h"
#include "app/widgets/card.h"
#include "core/weave/like_for_like.h"

class QVBoxLayout;

namespace jolly::app
{

/// The ways in which all of a controller can be led like for like, and what would come of each.
class LikeCard : public Card
{
    Q_OBJECT

 public:
    LikeCard(Weaver& weaver, std::string controller, QWidget* parent = nullptr);

 Q_SIGNALS:
    void done();

 private:
    void addWay(const LikeWay& way, const RigController& rig, QVBoxLayout& column);
    [[nodiscard]] static QString pairsOf(const Tangle& after, const LikeForLike& led);

    Weaver& m_weaver;
    std::string m_controller;
};

}  // namespace jolly::app
