// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/craft/craft_compare.h"
#include "app/craft/craft_details.h"
#include "app/craft/craft_list.h"
#include "app/models/studio.h"

namespace jolly::app
{

/// The craft library: all craft by family, one of them in full, and two side by side.
class CraftPage : public QWidget
{
    Q_OBJECT

 public:
    explicit CraftPage(Studio& studio, QWidget* parent = nullptr);

    void choose(const std::string& craft) { m_list->choose(craft); }
    [[nodiscard]] const std::string& chosen() const { return m_list->chosen(); }

 Q_SIGNALS:
    void pictureWanted(const std::string& craft);

 protected:
    void showEvent(QShowEvent* event) override;

 private:
    void rebuild();

    Studio& m_studio;
    CraftList* m_list;
    CraftDetails* m_details;
    CraftCompare* m_compare;
};

}  // namespace jolly::app
