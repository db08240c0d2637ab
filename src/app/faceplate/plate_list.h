// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/faceplate/faceplate.h"
#include "app/models/selection.h"
#include "app/models/stance.h"

#include <QVBoxLayout>
#include <QWidget>
#include <set>

namespace jolly::app
{

/// The rig's faceplates, kept up to date: which there are, what they show, what is selected.
class ControllerPlates : public QObject
{
    Q_OBJECT

 public:
    ControllerPlates(Stance& stance, Selection& selection, QWidget* parent);

    /// Makes, renames and removes faceplates so that they are those of the desk.
    void rebuild();
    void showValues();

    [[nodiscard]] const std::vector<Faceplate*>& plates() const { return m_plates; }
    [[nodiscard]] Faceplate* plateOf(const std::string& controller) const;
    [[nodiscard]] ControlView* viewOf(const Source& ref) const;

    /// "held", "games hear it", "away" and so on.
    [[nodiscard]] static QString stateText(const DeskController& controller, bool isLive);

 Q_SIGNALS:
    void plateAdded(Faceplate* plate);
    void activated(const Source& ref);
    void deedWanted(const std::string& controller);
    void menuWanted(const Source& ref, QPoint globalPlace);
    void dragMoved(const Source& ref, QPoint globalPlace);
    void dropped(const Source& ref, QPoint globalPlace);

 private:
    void wire(Faceplate* plate);
    void dress(std::size_t place);
    [[nodiscard]] std::optional<Source> refOf(Faceplate* plate, const QString& id) const;

    Stance& m_stance;
    Selection& m_selection;
    QWidget* m_parent;
    std::vector<Faceplate*> m_plates;  ///< one for each controller of the desk
    std::vector<std::vector<bool>> m_isUsed;
};

/// The virtual devices' faceplates, likewise.
class DevicePlates : public QObject
{
    Q_OBJECT

 public:
    DevicePlates(Stance& stance, Selection& selection, QWidget* parent);

    void rebuild();
    void showValues();

    [[nodiscard]] const std::vector<Faceplate*>& plates() const { return m_plates; }
    [[nodiscard]] ControlView* viewOf(const Target& target) const;
    /// Where an end leads; null when that is on no plate.
    [[nodiscard]] ControlView* viewOf(const End& end) const;

    /// The virtual control under a place on the screen.
    [[nodiscard]] std::optional<Target> targetAt(QPoint globalPlace) const;

 Q_SIGNALS:
    /// What can be done with a place, or with the device itself.
    void menuWanted(const std::string& device, const std::optional<Target>& place,
                    QPoint globalPlace);
    void plateAdded(Faceplate* plate);
    /// @param byMouse  a click; else a key.
    void activated(const Target& target, bool byMouse);
    /// The pointer came to a virtual control, or left it.
    void pointed(const std::optional<Target>& target);
    /// The pointer came to a plate, or left it.
    void hovered(bool isInside);
    void dropped(const Target& target, QPoint globalPlace);
    void dragMoved(const Target& target, QPoint globalPlace);
    void sizeWanted(const std::string& device);
    /// Keys of this virtual keyboard are to be recorded.
    void keysWanted(const std::string& device);

 private:
    struct Slot {
        std::vector<std::size_t> places;  ///< in the device's layout
        bool isUsed = false;
        bool isSelected = false;
    };

    void wire(Faceplate* plate);
    void dress(std::size_t place);
    void doOther(std::size_t place);
    [[nodiscard]] ControlView* viewOf(std::string_view device, const QString& id) const;
    [[nodiscard]] std::size_t placeOf(const Faceplate* plate) const;
    [[nodiscard]] std::optional<Target> targetOf(const Faceplate* plate, const QString& id) const;

    Stance& m_stance;
    Selection& m_selection;
    QWidget* m_parent;
    std::vector<Faceplate*> m_plates;  ///< one for each device of the desk
    std::vector<std::vector<Slot>> m_slots;
    std::set<std::string> m_lists;  ///< devices that show their buttons as a list
};

}  // namespace jolly::app
