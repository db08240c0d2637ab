// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/weaver.h"
#include "app/widgets/card.h"

class QVBoxLayout;

namespace jolly::app
{

/// What leads to a virtual control, and what can be done about it: to look at each strand, to lead
/// a control there as well, or in the place of all others.
class TakenCard : public Card
{
    Q_OBJECT

 public:
    /// @param from  the control that may be led there; it stays that one whatever is touched since.
    TakenCard(Weaver& weaver, Target target, std::optional<Source> from, QWidget* parent = nullptr);

 Q_SIGNALS:
    void done();

 private:
    /// Adds a button by its name, its words and what it does.
    using Offer = std::function<void(const char*, const QString&, const std::function<void()>&)>;

    void addTaker(const Strand& strand, QVBoxLayout& column);
    void addMeetings(const QString& name, const Offer& offer);
    void addOffers(QVBoxLayout& column);

    Weaver& m_weaver;
    Target m_target;
    std::optional<Source> m_from;
};

}  // namespace jolly::app
