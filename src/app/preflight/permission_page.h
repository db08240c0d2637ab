// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/preflight.h"

#include <QLabel>
#include <QPushButton>

namespace jolly::app
{

/// The page of the first start: which permission is missing, why, the text of what will be written,
/// and the button that does it.
class PermissionPage : public QWidget
{
    Q_OBJECT

 public:
    explicit PermissionPage(Preflight& preflight, QWidget* parent = nullptr);

    /// The problem that this page repairs; null while there is none.
    [[nodiscard]] static const Problem* problemIn(const Problems& problems);

    /// Says what came of it.
    void tell(const QString& sentence);

 Q_SIGNALS:
    void permissionWanted();
    void dismissed();

 private:
    void refresh();

    Preflight& m_preflight;
    QLabel* m_what;
    QLabel* m_outcome;
    QPushButton* m_give;
};

}  // namespace jolly::app
