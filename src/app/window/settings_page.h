// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/messages.h"
#include "app/models/selection.h"
#include "app/services/autostart.h"
#include "app/services/settings.h"

#include <QWidget>

class QCheckBox;
class QFormLayout;

namespace jolly::app
{

/// What can be chosen for good: few things, each with what it means. Every choice holds at once, or
/// says when.
class SettingsPage : public QWidget
{
    Q_OBJECT

 public:
    /// @param speaks  whether there is a voice.
    SettingsPage(Messages& messages, Selection& selection, Settings& settings,
                 const Autostart& autostart, bool speaks, QWidget* parent = nullptr);

    /// They were chosen elsewhere.
    void showColours(bool isLight);

 Q_SIGNALS:
    void done();
    void coloursChosen(bool isLight);
    void speakingChosen(bool isOn);

 protected:
    void showEvent(QShowEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;

 private:
    void addRow(const QString& label, QWidget* field, const QString& meaning);
    void addLanguage();
    void addColours();
    void addTouch();
    void addRecorder();
    void addVoice(bool speaks);
    void addSession();
    void setAutostart(bool isOn);

    Messages& m_messages;
    Selection& m_selection;
    Settings& m_settings;
    Autostart m_autostart;
    QFormLayout* m_form;
    QCheckBox* m_speaks = nullptr;
    QCheckBox* m_starts = nullptr;
};

/// The part of its travel that an axis has to go to count as touched: 0.03, 0.06 or 0.12.
[[nodiscard]] double loudnessOf(const QString& sensitivity);

}  // namespace jolly::app
