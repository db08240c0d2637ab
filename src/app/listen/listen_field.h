// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/messages.h"
#include "app/models/selection.h"

#include <QPushButton>
#include <QTimer>
#include <QToolButton>

class QMenu;

namespace jolly::app
{

/// A field that asks for a control: touch one while it listens, or choose one from the list.
/// It listens for a while and shows how long it still does; Escape or a click gives up. What only
/// shakes is not heard, since the loudest mover has to be louder than noise and drift.
class ListenField : public QWidget
{
    Q_OBJECT

 public:
    static constexpr int kSeconds = 8;  ///< how long it listens

    /// @param wants  whether a control may be chosen.
    using Filter = std::function<bool(const DeskController&, const RigControl&)>;
    ListenField(Selection& selection, Messages& messages, Filter wants, QWidget* parent = nullptr);
    ~ListenField() override;

    /// What stands in the field while it does not listen.
    void setText(const QString& text);

    void listen();
    void giveUp();
    [[nodiscard]] bool isListening() const { return m_left > 0; }

 Q_SIGNALS:
    void chosen(const Source& control);

 protected:
    void keyPressEvent(QKeyEvent* event) override;
    void hideEvent(QHideEvent* event) override;

 private:
    void hear();
    void tick();
    void showState();
    void fillList();
    void choose(const Source& control);

    Selection& m_selection;
    Messages& m_messages;
    Filter m_wants;
    QString m_text;
    QPushButton* m_field;
    QToolButton* m_list;
    QMenu* m_menu;
    QTimer m_timer;
    int m_left = 0;  ///< seconds it still listens
};

}  // namespace jolly::app
