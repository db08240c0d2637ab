// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QFrame>
#include <QString>
#include <functional>
#include <vector>

class QLineEdit;
class QListWidget;

namespace jolly::app
{

/// Something the finder can find, and what choosing it does.
struct Found {
    QString words;
    std::function<void()> go;
};

/// Finds anything by a few letters of each of its words; Enter goes there, Escape gives up.
class Finder : public QFrame
{
 public:
    Finder(std::vector<Found> all, QWidget* parent);

    void open();

 protected:
    bool eventFilter(QObject* watched, QEvent* event) override;

 private:
    void narrow(const QString& typed);
    void choose();

    std::vector<Found> m_all;
    QLineEdit* m_typed;
    QListWidget* m_list;
};

}  // namespace jolly::app
