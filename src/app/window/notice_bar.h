// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/messages.h"

#include <QVBoxLayout>
#include <QWidget>

namespace jolly::app
{

/// What waits for the pilot's word, below the top bar: a sentence a line, with its ways as buttons.
/// Not there while nothing waits.
class NoticeBar : public QWidget
{
    Q_OBJECT

 public:
    explicit NoticeBar(Messages& messages, QWidget* parent = nullptr);

 private:
    void refresh();
    [[nodiscard]] QWidget* makeRow(const Notice& notice);

    Messages& m_messages;
    QVBoxLayout* m_rows;
};

}  // namespace jolly::app
