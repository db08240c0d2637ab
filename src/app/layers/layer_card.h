// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QAbstractButton>
#include <QTimer>

namespace jolly::app
{

/// One layer of the stack: its mark, its name, when it is engaged, and how many strands it has. A
/// click chooses it to be worked in; held down it is peeked at; dragged it goes elsewhere in the
/// stack. Keys: space held peeks, Ctrl+Up and Ctrl+Down move it, Delete takes it away.
class LayerCard : public QAbstractButton
{
    Q_OBJECT

 public:
    static constexpr int kHeight = 77;

    explicit LayerCard(QWidget* parent = nullptr);

    struct State {
        QString name{};
        QString rule{};
        QString strands{};
        std::size_t place = 0;
        bool isEngaged = false;
        bool isByHand = false;
        bool isPeeked = false;
        bool isChosen = false;

        friend bool operator==(const State&, const State&) = default;
    };
    void show(const State& state);
    [[nodiscard]] QSize sizeHint() const override { return {240, kHeight}; }

 Q_SIGNALS:
    void chosen();
    void peeked(bool isPeeked);
    void movedBy(int places);  ///< up the stack when positive
    void removalWanted();

 protected:
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    void keyReleaseEvent(QKeyEvent* event) override;
    void focusOutEvent(QFocusEvent* event) override;

 private:
    void setPeeking(bool isPeeking);

    State m_state;
    QTimer m_hold;
    bool m_isPeeking = false;
    bool m_isDragging = false;
    int m_pressedAt = 0;
    int m_draggedBy = 0;
};

}  // namespace jolly::app
