// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/window/dialogs.h"

namespace jolly::test
{

/// Answers nothing: for programs that show the window and ask nobody.
class NoDialogs : public app::Dialogs
{
 public:
    QString openFile(QWidget*, FileKind) override { return {}; }
    QString saveFile(QWidget*, FileKind, const QString&) override { return {}; }
    Answer unsaved(QWidget*, const QString&) override { return Answer::Discard; }
    Conflict conflict(QWidget*, const QString&, const QStringList&) override
    {
        return Conflict::Cancel;
    }
    std::optional<Leave> leaving(QWidget*, const Parting&) override { return Leave{}; }
    std::optional<std::size_t> broken(QWidget*, const QString&, const QStringList&,
                                      const std::vector<app::EarlierCopy>&) override
    {
        return {};
    }
    std::optional<Ends> removing(QWidget*, const QString&, std::size_t) override { return {}; }
    void permit(QWidget*, const std::function<void(const QString&)>&) override {}
    void tell(QWidget*, const QString&, const QString&) override {}
};

}  // namespace jolly::test
