// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/bench/game_buttons.h"
#include "app/bench/game_row.h"
#include "app/bench/hand_moves.h"
#include "app/bench/hat_handle.h"
#include "app/strands/why_lines.h"
#include "app/style/elided_label.h"
#include "app/style/wrap_layout.h"
#include "app/widgets/card.h"

#include <QDateTime>
#include <QHBoxLayout>
#include <QLabel>
#include <QVBoxLayout>
#include <functional>
#include <map>

namespace jolly::app
{

/// A virtual device as a game sees it: read back, beside the hand and what we sent, with a handle
/// for each control. What is pinned must stay dark, and says since when it has.
class GameCard : public Card
{
    Q_OBJECT

 public:
    GameCard(Edits& edits, LiveFeed& feed, HandMoves& hand, QWidget* parent = nullptr);

    void rebuild();
    void showValues();

    [[nodiscard]] WhyLines& why() { return *m_why; }
    [[nodiscard]] const std::string& device() const { return m_device; }
    void chooseDevice(const std::string& device);

    /// Marks the row of a control, and shows its device.
    void mark(const Target& place);

    void setPinned(const Target& place, bool isPinned);

    /// The time of day; tests and pictures bring their own.
    void setClock(std::function<QTime()> clock) { m_clock = std::move(clock); }

 Q_SIGNALS:
    void deviceChosen(const std::string& device);
    void chosen(const Target& place);

 private:
    struct Pin {
        QTime since;
        QTime lit;  ///< when it was lit first; null for never
    };

    /// The axis of the hand that leads to a slot now.
    struct HandAxis {
        std::string controller;
        std::size_t control = 0;  ///< place among the controller's
        bool isTwoSided = true;
    };

    /// All that is shown of the present moment.
    struct Moment {
        std::vector<GameSightNow> sights{};  ///< by slot
        std::vector<Counts> hats{};          ///< in the order of m_hatOf
        bool isLive = false;
        bool isPast = false;
        bool isLearning = false;

        friend bool operator==(const Moment&, const Moment&) = default;
    };

    void buildChips();
    void buildControls();
    void addRow(const DeskDevice& device, std::size_t slot);
    void addTurner(const VirtualSlot& slot);
    void showRows(const Moment& now);
    void showButtons(const Moment& now);
    void showHats(const Moment& now);
    void showWords(const DeskDevice& device, const Moment& now);
    void notePins();
    void showPins();
    void findHands(const DeskDevice& device);
    [[nodiscard]] std::optional<HandAxis> handOf(const Target& place) const;
    [[nodiscard]] Moment momentOf(const DeskDevice& device) const;
    [[nodiscard]] GameSightNow sightOf(const DeskDevice& device, std::size_t slot,
                                       const SeenByGame& read, const Moment& moment) const;
    [[nodiscard]] const DeskDevice* deskDevice() const;
    [[nodiscard]] QString functionOf(const DeskDevice& device, VirtualControl control) const;
    [[nodiscard]] static QString nameOfSlot(const DeskDevice& device, std::size_t slot);

    Edits& m_edits;
    LiveFeed& m_feed;
    HandMoves& m_hand;
    std::string m_device;
    std::vector<VirtualSlot> m_layout;  ///< that is shown
    std::vector<std::string> m_labels;  ///< functions that are shown
    ElidedLabel* m_title;
    QLabel* m_state;
    WrapLayout* m_chips;
    QWidget* m_heads;
    QVBoxLayout* m_rows;
    GameButtons* m_buttons;
    WrapLayout* m_hats;
    QLabel* m_keys;
    QLabel* m_pinWords;
    QLabel* m_difference;
    WhyLines* m_why;
    std::map<std::size_t, GameRow*> m_rowOf;    ///< by slot
    std::map<std::size_t, HatHandle*> m_hatOf;  ///< likewise
    std::map<std::size_t, QLabel*> m_turnerOf;  ///< likewise
    std::vector<std::size_t> m_buttonSlots;     ///< by place in m_buttons
    std::map<std::pair<std::string, VirtualControl>, Pin> m_pins;
    std::vector<std::optional<HandAxis>> m_hands;  ///< by slot; empty where they are not known
    std::uint64_t m_engaged = 0;                   ///< layers for which m_hands are
    std::optional<Moment> m_shown;
    Target m_marked{};
    std::function<QTime()> m_clock = [] { return QTime::currentTime(); };
};

}  // namespace jolly::app
