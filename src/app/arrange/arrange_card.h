// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/arrange/arrange_overlay.h"

#include <QComboBox>
#include <QLineEdit>
#include <QPushButton>

namespace jolly::app
{

/// Beside a faceplate that is being arranged: what it is drawn as, what the chosen part is called,
/// groups, and the small file that others with the same hardware can take.
class ArrangeCard : public Card
{
    Q_OBJECT

 public:
    explicit ArrangeCard(Edits& edits, LiveFeed& feed, QWidget* parent = nullptr);

    /// Begins with a controller and its faceplate.
    void begin(const std::string& controller, Faceplate* plate);

    /// The controller that is being arranged; empty when none is.
    [[nodiscard]] const std::string& controller() const { return m_controller; }

    /// Follows the desk, on which the controller's faceplate may be another widget now; ends when
    /// it has none any more.
    void refresh(Faceplate* plate);
    void end();

 Q_SIGNALS:
    void ended();
    void exportWanted(const std::string& controller);
    void importWanted(const std::string& controller);

 private:
    void build();
    QPushButton* addButton(QLayout& row, const QString& words, const char* name);
    void showChosen();
    void removeOverlay();

    Edits& m_edits;
    LiveFeed& m_feed;
    std::string m_controller;
    QPointer<ArrangeOverlay> m_overlay;
    QLabel* m_title;
    QComboBox* m_kind;
    QLineEdit* m_name;
    QPushButton* m_group = nullptr;
    QPushButton* m_ungroup = nullptr;
};

}  // namespace jolly::app
