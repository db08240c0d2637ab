// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/edits.h"

#include <QAbstractButton>
#include <QCoreApplication>
#include <QToolButton>
#include <QWidget>
#include <vector>

namespace jolly::app
{

/// The lamp of one layer: its mark, full while the layer is engaged, and its name. A click holds
/// the layer engaged by hand, or lets it go.
class LayerLamp : public QAbstractButton
{
    Q_DECLARE_TR_FUNCTIONS(jolly::app::LayerLamp)

 public:
    explicit LayerLamp(QWidget* parent = nullptr);

    struct State {
        QString name{};
        std::size_t place = 0;
        bool isEngaged = false;
        bool isByHand = false;

        friend bool operator==(const State&, const State&) = default;
    };
    /// @return whether it looks otherwise than before.
    bool show(const State& state);
    [[nodiscard]] const State& state() const { return m_state; }
    [[nodiscard]] QSize sizeHint() const override;

 protected:
    void paintEvent(QPaintEvent* event) override;

 private:
    [[nodiscard]] QString words() const;

    State m_state;
};

/// Makes and takes away lamps until there are so many. @param wire  wire(lamp, place) is called for
/// each new one.
template <class Wire>
void keepLamps(std::vector<LayerLamp*>& lamps, std::size_t count, QWidget* parent, Wire&& wire)
{
    while (lamps.size() > count) {
        lamps.back()->hide();
        lamps.back()->deleteLater();
        lamps.pop_back();
    }
    while (lamps.size() < count) {
        lamps.push_back(new LayerLamp(parent));
        wire(*lamps.back(), lamps.size() - 1);
    }
}

/// All lamps of the stack in a row; those that find no room are in a menu behind it.
class LayerLamps : public QWidget
{
    Q_DECLARE_TR_FUNCTIONS(jolly::app::LayerLamps)

 public:
    explicit LayerLamps(Edits& edits, QWidget* parent = nullptr);

 protected:
    void resizeEvent(QResizeEvent* event) override;

 private:
    void rebuild();
    void showLamps();
    void place();
    void flip(std::size_t layer);

    Edits& m_edits;
    std::vector<LayerLamp*> m_lamps;
    QToolButton* m_more;
};

}  // namespace jolly::app
