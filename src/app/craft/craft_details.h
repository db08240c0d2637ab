// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/edits.h"
#include "app/models/live_feed.h"
#include "app/services/aside.h"
#include "app/widgets/card.h"

class QLabel;
class QPlainTextEdit;
class QVBoxLayout;

namespace jolly::app
{

/// One craft: its name, family, picture and notes, and what it shall be able to do, each with what
/// does it.
class CraftDetails : public Card
{
    Q_OBJECT

 public:
    explicit CraftDetails(Edits& edits, LiveFeed& feed, QWidget* parent = nullptr);

    void show(const std::string& craft);

 Q_SIGNALS:
    void pictureWanted(const std::string& craft);

 private:
    void addHead(const Craft& craft);
    void addFamily(const Craft& craft);
    void addPicture(const Craft& craft);
    void addNote(const Craft& craft);
    void addFunctions(const Craft& craft);
    void changeLater(const std::string& id, const QString& step, std::function<void(Craft&)> how);
    void tryOut(const QString& step, const std::function<Fallible(Tangle&)>& how);
    [[nodiscard]] QLabel* makeWords(const QString& words, const char* tone);

    Edits& m_edits;
    LiveFeed& m_feed;
    Aside m_aside;  ///< for pictures
    QVBoxLayout* m_column;
    std::string m_craft;
    std::optional<Tangle> m_shown;
};

}  // namespace jolly::app
