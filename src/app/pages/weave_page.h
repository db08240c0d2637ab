// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/faceplate/plate_list.h"
#include "app/models/studio.h"
#include "app/pages/thread_overlay.h"
#include "app/strands/row_choice.h"
#include "app/strands/strand_card.h"

#include <QLabel>
#include <QPointer>
#include <QPushButton>
#include <QScrollArea>

namespace jolly::app
{

class ColumnsLayout;

class LayerGoals;

/// Left the rig, right the virtual devices, between them the strands of the selected control.
class WeavePage : public QWidget
{
    Q_OBJECT

 public:
    explicit WeavePage(Studio& studio, QWidget* parent = nullptr);

    [[nodiscard]] StrandCard* cardOf(const std::string& strand) const;
    void setShowsAllThreads(bool showsAll);

    /// Shows a device's card in the middle; an empty id closes it.
    void sizeDevice(const std::string& device);

 Q_SIGNALS:
    void removalWanted(const std::string& device);
    void sheetFileWanted();

 protected:
    void resizeEvent(QResizeEvent* event) override;
    void showEvent(QShowEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    bool eventFilter(QObject* watched, QEvent* event) override;

 private:
    void buildColumns();
    void buildRightColumn();
    void wireControllers();
    void wireDevices();
    void offerLikeForLike(const std::string& controller);
    void showInMiddle(QWidget* card);
    void moveEndTo(const Target& from, QPoint at);
    void takeClick(const Target& target, bool byMouse);
    void leadOrAsk(const std::optional<Source>& from, const Target& target);
    void recordKeys();
    void openDeviceMenu(const std::string& device, const std::optional<Target>& place, QPoint at);
    void leadToLayer(const std::string& layer);
    void showWhere(const std::optional<Target>& pointed);
    [[nodiscard]] std::optional<Source> clicksLead() const;
    [[nodiscard]] QString whatClickDoes(const Target& target) const;
    [[nodiscard]] QScrollArea* makeColumn(const char* name, QWidget* inside);
    void divide();
    void rebuildPlates();
    void rebuildMiddle();
    void rebuildCards();
    void showSelection();
    void showValues();
    void placeThreads();
    void addThreads(const Strand& strand, bool isFaint, std::vector<Thread>& threads) const;
    [[nodiscard]] QPolygonF wayFrom(const ControlView& view, const QScrollArea& column) const;
    [[nodiscard]] QPointF placeOf(const QWidget& widget, QPointF anchor,
                                  const QScrollArea& column) const;

    Studio& m_studio;
    ControllerPlates m_controllers;
    DevicePlates m_devices;
    RowChoice m_choice;  ///< the outlet that a click leads
    LayerGoals* m_layers = nullptr;
    QScrollArea* m_left = nullptr;
    QScrollArea* m_middle = nullptr;
    QScrollArea* m_right = nullptr;
    ColumnsLayout* m_leftColumn = nullptr;
    QVBoxLayout* m_middleColumn = nullptr;
    ColumnsLayout* m_rightColumn = nullptr;
    QLabel* m_name = nullptr;
    QLabel* m_where = nullptr;
    Card* m_invitation = nullptr;
    QLabel* m_inviting = nullptr;
    QPushButton* m_nextFree = nullptr;
    std::vector<StrandCard*> m_cards;
    ThreadOverlay* m_threads = nullptr;
    std::optional<Thread> m_loose;
    /// While the pointer is on a virtual device: what was selected when it came.
    std::optional<std::optional<Source>> m_atEntry;
    QPointer<QWidget> m_shownCard;  ///< of a device or a plan, above the strands
    bool m_showsAll = false;
};

}  // namespace jolly::app
