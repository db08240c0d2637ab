// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/services/aside.h"

#include <QLabel>

namespace jolly::app
{

/// The picture of a craft, from a file of the pilot's. It is read aside, once for as long as the
/// file stays as it is; until then its place is kept free.
class CraftPicture : public QLabel
{
    Q_OBJECT

 public:
    /// @param aside  lives longer than this.
    CraftPicture(const QString& file, Aside& aside, QWidget* parent);

 private:
    void show(const QImage& picture);

    QString m_file;
};

}  // namespace jolly::app
