// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/window/preflight_list.h"

#include "app/style/palette.h"
#include "app/style/theme.h"

#include <QLabel>
#include <QScrollArea>
#include <QVBoxLayout>
#include <algorithm>

namespace jolly::app
{

namespace
{

constexpr int kWidth = 460;
constexpr int kMostHeight = 420;

QWidget* entry(const Problem& problem)
{
    const bool isError = problem.severity == Severity::Error;
    const auto sign = isError ? QStringLiteral("✕ ") : QStringLiteral("! ");
    auto* label = new QLabel(
        QStringLiteral("<b style='color:%1'>%2</b>%3<br><span style='color:%4'>%5</span>")
            .arg((isError ? palette().coral : palette().straw).name(), sign,
                 QString::fromStdString(problem.sentence).toHtmlEscaped(), palette().dim.name(),
                 QString::fromStdString(problem.cure).toHtmlEscaped()));
    label->setWordWrap(true);
    label->setTextInteractionFlags(Qt::TextSelectableByMouse);
    return label;
}

}  // namespace

PreflightList::PreflightList(const Problems& problems, QWidget* parent) : QFrame(parent, Qt::Popup)
{
    setAttribute(Qt::WA_DeleteOnClose);
    setObjectName(QStringLiteral("preflight list"));
    setStyleSheet(
        QStringLiteral(
            "#preflight\\ list { background: %1; border: 1px solid %2; border-radius: 8px; }")
            .arg(jolly::app::palette().raised.name(), jolly::app::palette().line.name()));
    auto* outer = new QVBoxLayout(this);
    auto* area = new QScrollArea;
    area->setWidgetResizable(true);
    area->setFrameShape(QFrame::NoFrame);
    auto* inside = new QWidget;
    inside->setObjectName(QStringLiteral("scrolled"));
    auto* column = new QVBoxLayout(inside);
    column->setSpacing(12);
    auto* title = new QLabel(tr("Preflight"));
    title->setFont(textFont(TextSize::Title, true));
    column->addWidget(title);
    if (problems.empty()) column->addWidget(new QLabel(tr("Everything is ready.")));
    for (const auto& problem : problems) column->addWidget(entry(problem));
    column->addStretch();
    area->setWidget(inside);
    outer->addWidget(area);
    setFixedWidth(kWidth);
    setFixedHeight(std::min(kMostHeight, inside->heightForWidth(kWidth - 60) + 60));
}

void PreflightList::openAbove(const QWidget& button)
{
    const auto corner = button.mapToGlobal(QPoint(button.width(), 0));
    move(corner - QPoint(width(), height() + 6));
    show();
}

}  // namespace jolly::app
