// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/value/result.h"

#include <QString>

namespace jolly::app
{

/// Whether the program starts with the desktop's session, in the background: an entry in the
/// person's autostart folder, as the Desktop Application Autostart Specification has it.
class Autostart
{
 public:
    /// @param folder   of the entries; usually usualFolder().
    /// @param program  what is started.
    Autostart(QString folder, QString program);

    [[nodiscard]] static QString usualFolder();

    [[nodiscard]] bool isOn() const;
    [[nodiscard]] Fallible set(bool isOn) const;

 private:
    QString m_folder;
    QString m_program;
};

}  // namespace jolly::app
