// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/edits.h"
#include "app/style/scroll_column.h"

namespace jolly::app
{

/// All craft by their families, one of them chosen to be looked at; new ones, copies.
class CraftList : public QWidget
{
    Q_OBJECT

 public:
    explicit CraftList(Edits& edits, QWidget* parent = nullptr);

    /// Shows the craft as the tangle has them; the one that is gone leaves Everywhere.
    void rebuild();
    [[nodiscard]] const std::string& chosen() const { return m_chosen; }
    void choose(const std::string& craft);

 Q_SIGNALS:
    void changed();  ///< another one is chosen

 private:
    void add(const char* name, const QString& words, const std::function<void()>& deed);
    void make();
    void copy();
    void remove();
    bool take(const QString& step, const std::function<Result<std::string>(Tangle&)>& how);

    Edits& m_edits;
    ScrollColumn* m_rows;
    QVBoxLayout* m_buttons;
    std::string m_chosen{kEverywhere};
};

}  // namespace jolly::app
