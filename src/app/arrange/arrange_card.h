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
    explicit ArrangeCard(Studio& studio, QWidget* parent = nullptr);

    /// Begins with a controller and its faceplate.
    void begin(const std::string& controller, Faceplate* plate);

    /// Follows the desk; ends when the controller is not on it any more.
    void refresh();
    void end();

    [[nodiscard]] bool isArranging() const { return !m_overlay.isNull(); }

 Q_SIGNALS:
    void ended();
    void exportWanted(const std::string& controller);
    void importWanted(const std::string& controller);

 private:
    void build();
    QPushButton* addButton(QLayout& row, const QString& words, const char* name);
    void showChosen();

    Studio& m_studio;
    QPointer<ArrangeOverlay> m_overlay;
    QLabel* m_title;
    QComboBox* m_kind;
    QLineEdit* m_name;
    QPushButton* m_group = nullptr;
    QPushButton* m_ungroup = nullptr;
};

}  // namespace jolly::app
