// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/style/theme.h"

#include <gmock/gmock.h>

#include <QApplication>

int main(int argc, char** argv)
{
    QApplication application(argc, argv);
    jolly::app::applyTheme(application);
    testing::InitGoogleMock(&argc, argv);
    return RUN_ALL_TESTS();
}
