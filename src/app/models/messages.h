// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/notice.h"
#include "app/models/saying.h"

#include <QObject>
#include <deque>
#include <vector>

namespace jolly::app
{

/// What is told to the pilot: sentences that go by themselves and can be read again, and notices
/// that wait for a word.
class Messages : public QObject
{
    Q_OBJECT

 public:
    static constexpr std::size_t kMostKept = 200;

    using QObject::QObject;

    /// Something is done.
    void say(const QString& sentence) { tell(sentence, Saying::Tone::Good); }
    /// So it is now: undone, put back, for your information.
    void note(const QString& sentence) { tell(sentence, Saying::Tone::Calm); }
    /// Why something was not done, or what is in danger.
    void refuse(const QString& sentence) { tell(sentence, Saying::Tone::Bad); }

    /// What was said lately, the last one last.
    [[nodiscard]] const std::deque<Saying>& sayings() const { return m_sayings; }

    /// What waits for the pilot's word, in the order in which it came.
    [[nodiscard]] const std::vector<Notice>& notices() const { return m_notices; }

    /// Shows a notice in the place of one with its id.
    void show(Notice notice);
    void hide(const QString& id);

 Q_SIGNALS:
    void said(const Saying& saying);
    void noticesChanged();

 private:
    void tell(const QString& sentence, Saying::Tone tone);

    std::deque<Saying> m_sayings;
    std::vector<Notice> m_notices;
};

}  // namespace jolly::app
