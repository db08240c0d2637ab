// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/weaver.h"
#include "app/strands/outlet_picture.h"
#include "app/strands/outlet_row.h"
#include "app/strands/row_choice.h"

#include <QCoreApplication>

#include <optional>
#include <span>
#include <vector>

class QHBoxLayout;
class QVBoxLayout;

namespace jolly::app
{

/// The ways out of a strand: a row for each outlet with each of its ends, or without one, and a
/// picture of the stage that they belong to. There is none where an axis or a hat comes out and
/// nothing forks.
class OutletRows : public QWidget
{
    Q_DECLARE_TR_FUNCTIONS(jolly::app::OutletRows)

 public:
    OutletRows(Weaver& weaver, RowChoice& choice, const Strand& strand, QWidget* parent = nullptr);

    /// Whether these rows can go on showing the strand.
    [[nodiscard]] bool fits(const Strand& strand) const;
    void show(const Strand& strand);

    /// @param values  what comes out, by outlet.
    void showValues(std::span<const Value> values);

    [[nodiscard]] bool isEmpty() const { return m_ways.empty(); }

    /// How far below its top the row of an outlet is; below 0 when there is none.
    [[nodiscard]] int placeOf(const std::string& outlet) const;

 protected:
    void resizeEvent(QResizeEvent* event) override;
    bool event(QEvent* event) override;

 private:
    struct Way {
        std::size_t outlet = 0;            ///< place among the strand's outlets
        std::optional<std::size_t> end{};  ///< place among its ends
        OutletRow* row = nullptr;
    };

    [[nodiscard]] std::vector<Way> waysOf(const Strand& strand) const;
    [[nodiscard]] OutletRow::Words wordsOf(const Strand& strand, const Way& way) const;
    [[nodiscard]] OutletPlace placeOf(const Way& way) const;
    void addRow(Way& way, QVBoxLayout& column);
    void addPicture(const Strand& strand, QVBoxLayout& column, QHBoxLayout& beside);
    void askForGoal(const Way& way);
    void askForKeys(const Way& way);
    void showChoice();
    void alignPicture();
    void dragTime(const QString& key, double value, Gesture drag);
    void press(std::size_t end, How how, double pulse);

    Weaver& m_weaver;
    RowChoice& m_choice;
    OutletPicture* m_picture = nullptr;
    QVBoxLayout* m_column = nullptr;
    std::optional<std::size_t> m_pulsing;  ///< the end whose pulse was changed last
    Gesture m_pulse;
    std::string m_strand;
    std::vector<std::string> m_outlets;
    std::vector<Way> m_ways;
    bool m_areButtons;  ///< that leave it
};

}  // namespace jolly::app
