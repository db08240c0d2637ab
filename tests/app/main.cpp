// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/services/language.h"
#include "app/style/theme.h"

#include <gmock/gmock.h>

#include <QApplication>
#include <QTemporaryDir>

/// In a home of its own: what a test leaves there is nobody's.
int main(int argc, char** argv)
{
    const QTemporaryDir home;
    qputenv("HOME", home.path().toUtf8());
    qputenv("XDG_CONFIG_HOME", home.filePath("config").toUtf8());
    qputenv("XDG_DATA_HOME", home.filePath("data").toUtf8());
    QApplication application(argc, argv);
    static_cast<void>(jolly::app::speak(application, QStringLiteral("en")));
    jolly::app::applyTheme(application);
    testing::InitGoogleMock(&argc, argv);
    return RUN_ALL_TESTS();
}
