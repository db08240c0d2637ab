// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/services/settings.h"

#include <QFileInfo>
#include <QStandardPaths>
#include <algorithm>

namespace jolly::app
{

namespace
{

const auto kVersionKey = QStringLiteral("version");

}  // namespace

Settings::Settings(const QString& file, QObject* parent)
    : QObject(parent), m_store(file, QSettings::IniFormat)
{
    if (m_store.status() == QSettings::FormatError) {
        m_trouble = tr("The settings in %1 could not be read in part; what is missing is as at "
                       "first.")
                        .arg(file);
    } else if (m_store.status() == QSettings::AccessError) {
        m_trouble = tr("The settings in %1 may not be read; all is as at first.").arg(file);
    } else if (m_store.value(kVersionKey, kVersion).toInt() > kVersion) {
        m_trouble =
            tr("The settings are of a newer Jolly Tangle. What this one knows is used, and "
               "the rest is kept for that one.");
    }
}

QString Settings::usualFile()
{
    return QStandardPaths::writableLocation(QStandardPaths::GenericConfigLocation) +
           QStringLiteral("/jolly-tangle/window.conf");
}

void Settings::write()
{
    const int version = m_store.value(kVersionKey, kVersion).toInt();
    m_store.setValue(kVersionKey, std::max(version, kVersion));
    m_store.sync();
    if (m_store.status() == QSettings::NoError || std::exchange(m_hasWarned, true)) return;
    Q_EMIT warned(tr("The settings cannot be saved: nothing can be written to %1. They hold until "
                     "the window closes.")
                      .arg(m_store.fileName()));
}

void Settings::rememberTangle(const QString& path)
{
    const auto whole = QFileInfo(path).absoluteFilePath();
    auto recent = get(settings::kRecentTangles);
    recent.removeAll(whole);
    recent.prepend(whole);
    set(settings::kRecentTangles, QStringList(recent.mid(0, kMostRecent)));
    Q_EMIT recentChanged();
}

void Settings::forgetTangle(const QString& path)
{
    auto recent = get(settings::kRecentTangles);
    if (recent.removeAll(QFileInfo(path).absoluteFilePath()) == 0) return;
    set(settings::kRecentTangles, recent);
    Q_EMIT recentChanged();
}

int Settings::recorderMinutes() const
{
    return std::clamp(get(settings::kRecorderMinutes), kLeastMinutes, kMostMinutes);
}

}  // namespace jolly::app
