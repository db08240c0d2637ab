// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QObject>
#include <QString>
#include <functional>

namespace jolly::app
{

/// Speaks short sentences through the desktop's speech service (speech-dispatcher), where there is
/// one. Silent until it is switched on.
class Speaker : public QObject
{
    Q_OBJECT

 public:
    using Say = std::function<bool(const QString& words)>;

    /// @param say  how words are spoken; empty where nothing speaks. @return whether it could.
    explicit Speaker(Say say, QObject* parent = nullptr) : QObject(parent), m_say(std::move(say)) {}

    /// Speaks through `spd-say`; empty when that is not installed.
    [[nodiscard]] static Say ofDesktop();

    [[nodiscard]] bool isThere() const { return static_cast<bool>(m_say); }
    [[nodiscard]] bool isOn() const { return m_isOn; }
    void setOn(bool isOn) { m_isOn = isOn && isThere(); }

    void speak(const QString& words);

 Q_SIGNALS:
    void failed(const QString& sentence);

 private:
    Say m_say;
    bool m_isOn = false;
};

}  // namespace jolly::app
