// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QAbstractButton>
#include <QCoreApplication>

namespace jolly::app
{

/// The switch between idle and live: a wide pill that says in words what is.
class LiveSwitch : public QAbstractButton
{
    Q_DECLARE_TR_FUNCTIONS(jolly::app::LiveSwitch)

 public:
    explicit LiveSwitch(QWidget* parent = nullptr);

    /// @param since  "14:02"; shown while live.
    void setLive(bool isLive, const QString& since);
    void setPossible(bool isPossible) { setEnabled(isPossible); }

    [[nodiscard]] QSize sizeHint() const override { return {178, 34}; }

 protected:
    void paintEvent(QPaintEvent* event) override;

 private:
    bool m_isLive = false;
    QString m_since;
};

}  // namespace jolly::app
