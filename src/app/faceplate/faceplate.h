// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/faceplate/control_view.h"
#include "app/widgets/card.h"

#include <QElapsedTimer>
#include <QLabel>
#include <QPointer>
#include <QPushButton>

namespace jolly::app
{

/// The one drawing of a controller or virtual device: a card with a title, its controls, and a line
/// of words. Used on every page.
class Faceplate : public Card
{
    Q_OBJECT

 public:
    enum class Kind { Controller, Virtual };

    explicit Faceplate(Kind kind, QWidget* parent = nullptr);

    /// What it is: id for objectName, title, and the words at the right of the title.
    void setTitle(const QString& title, const QString& state);
    void setFooter(const QString& left, const QString& right);

    /// Something to do with the thing itself, at the left of the footer.
    void setDeed(const char* name, const QString& words);

    /// Something else to do with it, beside that.
    void setOther(const QString& words);

    /// Draws this plate from now on. Does nothing when it is what it draws already.
    void setPlate(const Plate& plate);

    /// Shows the state of the control at this place of the plate's controls.
    void setState(std::size_t control, const ControlState& state);

    /// The drawing of a control; null when it is not on the plate.
    [[nodiscard]] ControlView* view(const QString& id) const;
    [[nodiscard]] const Plate& plate() const { return m_plate; }

    /// Where the drawings are, and how wide the place for them is.
    [[nodiscard]] QPoint origin() const;
    [[nodiscard]] int innerWidth() const;

    [[nodiscard]] int heightForWidth(int width) const override;
    [[nodiscard]] QSize sizeHint() const override;

 Q_SIGNALS:
    /// @param byMouse  a click; else a key.
    void activated(const QString& id, bool byMouse);
    /// The pointer came to a control, or left it: then `id` is empty.
    void pointed(const QString& id);
    /// The pointer came to the plate, or left it.
    void hovered(bool isInside);
    void dragMoved(const QString& id, QPoint globalPlace);
    void dropped(const QString& id, QPoint globalPlace);
    /// What can be done with a control, or with the thing itself: then `id` is empty.
    void menuWanted(const QString& id, QPoint globalPlace);
    void deedWanted();
    void otherWanted();

 protected:
    void resizeEvent(QResizeEvent* event) override;
    void paintEvent(QPaintEvent* event) override;
    void enterEvent(QEnterEvent* event) override;
    void leaveEvent(QEvent* event) override;
    void contextMenuEvent(QContextMenuEvent* event) override;

 private:
    struct Spot {
        ControlView* view = nullptr;
        int part = 0;
    };

    [[nodiscard]] QPushButton* makeDeed(const char* name);
    [[nodiscard]] PlateLayout layOut(int width) const;
    [[nodiscard]] int footerHeight() const;
    [[nodiscard]] int heightFor(const PlateLayout& layout) const;
    [[nodiscard]] bool hasViewsOf(const PlateLayout& layout) const;
    void makeViews(const PlateLayout& layout);
    void nameDeeds();
    void place();
    void takeStop(ControlView* view);
    void go(const ControlView& from, Qt::Key key);
    [[nodiscard]] bool isSeeking() const;
    void seek(const QString& letters);

    Kind m_kind;
    Plate m_plate;
    std::vector<PlateFrame> m_frames;
    std::vector<Spot> m_spots;  ///< one for each of the plate's controls
    QList<ControlView*> m_views;
    QPointer<ControlView> m_stop;  ///< the one that the Tab key stops at
    QString m_sought;              ///< letters that were typed one after the other
    QElapsedTimer m_sinceLetter;
    QLabel* m_title;
    QLabel* m_state;
    QLabel* m_left;
    QLabel* m_right;
    QPushButton* m_deed = nullptr;
    QPushButton* m_other = nullptr;
};

}  // namespace jolly::app
