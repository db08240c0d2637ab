// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/devices/place_map.h"
#include "app/models/preflight.h"
#include "app/models/weaver.h"
#include "app/widgets/card.h"

#include <QComboBox>
#include <QLabel>
#include <QLineEdit>
#include <QSpinBox>

class QVBoxLayout;

namespace jolly::app
{

class FactGrid;

/// Everything about one virtual device: its name, size and ids, what games would make of them, and
/// the map of what is taken and free on it.
class DeviceCard : public Card
{
    Q_OBJECT

 public:
    DeviceCard(Weaver& weaver, Preflight& preflight, std::string device, QWidget* parent = nullptr);

    [[nodiscard]] const std::string& device() const { return m_id; }

 Q_SIGNALS:
    void done();
    void removalWanted(const std::string& device);

 private:
    void build();
    [[nodiscard]] QWidget* buildSizes();
    void buildFields(QVBoxLayout& column);
    void buildButtons(QVBoxLayout& column);
    void refresh();
    void refreshProblems();
    void rename();
    void setIds();
    void changeSize(const QString& step, const std::function<void(VirtualDevice&)>& change);
    [[nodiscard]] const VirtualDevice* find() const;

    Weaver& m_weaver;
    Preflight& m_preflight;
    std::string m_id;
    Gesture m_resizing = Gesture::begin();
    QLabel* m_title = nullptr;
    QLabel* m_what = nullptr;
    QLineEdit* m_name = nullptr;
    QLineEdit* m_ids = nullptr;
    QComboBox* m_sizing = nullptr;
    FactGrid* m_fields = nullptr;
    QWidget* m_sizes = nullptr;
    QSpinBox* m_axes = nullptr;
    QSpinBox* m_buttons = nullptr;
    QSpinBox* m_hats = nullptr;
    QVBoxLayout* m_problems = nullptr;
    Problems m_shownProblems;
    PlaceMap* m_map = nullptr;
};

}  // namespace jolly::app
