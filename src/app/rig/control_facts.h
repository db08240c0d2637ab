// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/faceplate/card.h"
#include "app/models/studio.h"
#include "app/rig/axis_track.h"
#include "app/style/value_text.h"

#include <QComboBox>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>

class QVBoxLayout;

namespace jolly::app
{

/// What there is to know and to set about the selected control: name, kind, raw count, and of an
/// axis what it did since it was selected, of the last minutes: the range, rest, noise and spikes
/// seen, and where it dwelt.
class ControlFacts : public Card
{
    Q_OBJECT

 public:
    explicit ControlFacts(Studio& studio, QWidget* parent = nullptr);

    void showSelection();
    void showValues();

    /// Takes the moves that came since the values before.
    void takeMoves();

    /// Forgets what the control did; after a time in which moves were not taken.
    void forget();

 Q_SIGNALS:
    /// The pilot wants to calibrate the selected control's controller.
    void calibrationWanted(const std::string& controller);

 private:
    struct Watched {
        ControlRef ref;
        int slot = -1;
        std::vector<AxisSample> samples;
        AxisFindings findings;
        Time looked{};
    };

    void build();
    void buildAxisFacts(QVBoxLayout& column);
    void setControl(const QString& step, const std::function<void(RigControl&)>& change);
    void showAxis(const RigControl& control, const LiveValue& live);

    Studio& m_studio;
    QLabel* m_title = nullptr;
    QWidget* m_body = nullptr;
    QLineEdit* m_label = nullptr;
    QComboBox* m_kind = nullptr;
    ValueLabel* m_raw = nullptr;
    ValueLabel* m_value = nullptr;
    QWidget* m_axisFacts = nullptr;
    ValueLabel* m_range = nullptr;
    ValueLabel* m_rest = nullptr;
    ValueLabel* m_noise = nullptr;
    ValueLabel* m_spikes = nullptr;
    AxisTrack* m_track = nullptr;
    QPushButton* m_calibrate = nullptr;
    std::optional<Watched> m_watched;
};

}  // namespace jolly::app
