// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/edits.h"
#include "app/models/selection.h"
#include "app/widgets/card.h"
#include "core/tangle/switches.h"

#include <QLabel>
#include <QVBoxLayout>

namespace jolly::app
{

/// Makes the selected button one position of a switch, names the positions, and says which button
/// each of them reports.
class SwitchCard : public Card
{
    Q_OBJECT

 public:
    explicit SwitchCard(Edits& edits, Selection& selection, QWidget* parent = nullptr);

    void showSelection();

    /// Makes one switch of the buttons at these places of a controller.
    void make(const std::string& controller, const std::vector<std::size_t>& places);

 private:
    void rebuild();
    void buildOffer();
    void buildSwitch(const RigSwitch& made);
    void buildPosition(const RigSwitch& made, std::size_t place);
    void add(const RigSwitch& made);
    void change(const QString& step, const std::function<void(RigSwitch&)>& edit);
    void takeApart();
    [[nodiscard]] const DeskController* controller() const;
    [[nodiscard]] std::optional<std::size_t> place() const;

    Edits& m_edits;
    Selection& m_selection;
    QVBoxLayout* m_column;
    QWidget* m_body = nullptr;
    std::optional<Source> m_shownFor;
    RigSwitch m_shown{};
};

}  // namespace jolly::app
