// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/preflight/preflight_list.h"
#include "app/style/qt_text.h"

#include "app/preflight/problem_row.h"
#include "app/style/palette.h"
#include "app/style/theme.h"
#include "control/games_see.h"

#include <QApplication>
#include <QClipboard>
#include <QLabel>
#include <QPushButton>
#include <QScrollBar>
#include <QVBoxLayout>

namespace jolly::app
{

namespace
{

constexpr const char* kLaunchLine = "tangle launch --";
constexpr int kWidth = 500;
constexpr int kHeight = 520;

QLabel* title(const QString& words)
{
    auto* label = new QLabel(words);
    label->setFont(textFont(TextSize::Title, true));
    setTone(*label, "title");
    return label;
}

/// A sign, the name, and what it means: never colour alone.
QString sightText(const GameSight& sight)
{
    const auto& ink = palette();
    const bool isTrouble = sight.meaning == GameSight::Meaning::DoubleInput;
    const auto sign = isTrouble                                   ? QStringLiteral("! ")
                      : sight.meaning == GameSight::Meaning::Fine ? QStringLiteral("● ")
                                                                  : QStringLiteral("○ ");
    return QStringLiteral(
               "<span style='color:%1'>%2</span><b>%3</b> <span style='color:%4'>%5</span>")
        .arg((isTrouble || sight.isVirtual ? ink.straw : ink.dim).name(), sign,
             toQt(sight.name).toHtmlEscaped(), ink.dim.name(),
             toQt(sight.sentence).toHtmlEscaped());
}

}  // namespace

PreflightList::PreflightList(Weaver& weaver, Preflight& preflight, QWidget* parent)
    : QFrame(parent, Qt::Popup), m_weaver(weaver), m_preflight(preflight), m_area(new QScrollArea)
{
    setAttribute(Qt::WA_DeleteOnClose);
    setObjectName(QStringLiteral("preflight list"));
    setStyleSheet(
        QStringLiteral(
            "#preflight\\ list { background: %1; border: 1px solid %2; border-radius: 8px; }")
            .arg(jolly::app::palette().raised.name(), jolly::app::palette().line.name()));
    auto* outer = new QVBoxLayout(this);
    m_area->setWidgetResizable(true);
    m_area->setFrameShape(QFrame::NoFrame);
    outer->addWidget(m_area);
    setFixedWidth(kWidth);
    setFixedHeight(kHeight);
    connect(&weaver.edits(), &Edits::settled, this, &PreflightList::rebuild, Qt::QueuedConnection);
    rebuild();
}

void PreflightList::rebuild()
{
    auto* inside = new QWidget;
    inside->setObjectName(QStringLiteral("scrolled"));
    auto* column = new QVBoxLayout(inside);
    column->setSpacing(12);
    addChecks(*column);
    addSights(*column);
    column->addStretch();
    const int place = m_area->verticalScrollBar()->value();
    m_area->setWidget(inside);
    m_area->verticalScrollBar()->setValue(place);
}

void PreflightList::addChecks(QVBoxLayout& column)
{
    column.addWidget(title(tr("Preflight")));
    const auto& problems = m_preflight.problems();
    if (problems.empty()) column.addWidget(new QLabel(tr("Everything is ready.")));
    for (const auto& problem : problems) column.addWidget(new ProblemRow(m_weaver, problem));
}

void PreflightList::addSights(QVBoxLayout& column)
{
    column.addSpacing(8);
    column.addWidget(title(tr("What games see now")));
    for (const auto& sight :
         whatGamesSee(m_weaver.edits().tangle(), m_weaver.selection().feed().session().status())) {
        auto* line = new QLabel(sightText(sight));
        line->setObjectName(QStringLiteral("sight ") + toQt(sight.name));
        line->setWordWrap(true);
        column.addWidget(line);
        if (sight.rig >= 0 && sight.meaning == GameSight::Meaning::DoubleInput)
            addHolding(column, sight);
    }
    auto* hint =
        new QLabel(tr("To hide all real ones from one game, start it with "
                      "\"tangle launch -- GAME\"."));
    hint->setWordWrap(true);
    setTone(*hint, "dim");
    column.addWidget(hint);
    auto* copy = new QPushButton(tr("Copy the line for a game library"));
    copy->setObjectName(QStringLiteral("copy launch line"));
    column.addWidget(copy, 0, Qt::AlignLeft);
    connect(copy, &QPushButton::clicked, this, [this] {
        QApplication::clipboard()->setText(QLatin1String(kLaunchLine));
        m_weaver.edits().messages().say(
            tr("Copied: %1 Put it before the game's own command.").arg(QLatin1String(kLaunchLine)));
    });
}

/// The cure for double input: hold the controller.
void PreflightList::addHolding(QVBoxLayout& column, const GameSight& sight)
{
    const auto rig = static_cast<std::size_t>(sight.rig);
    if (m_weaver.edits().tangle().rig[rig].hiding != Hiding::None) return;
    auto* hold = new QPushButton(tr("Hold it while live"));
    hold->setObjectName(QStringLiteral("hold ") + toQt(sight.name));
    column.addWidget(hold, 0, Qt::AlignLeft);
    connect(hold, &QPushButton::clicked, this, [this, rig] {
        m_weaver.edits().applyToWhole({tr("hide controller")}, [rig](Tangle& tangle) {
            tangle.rig[rig].hiding = Hiding::Held;
        });
    });
}

void PreflightList::openAbove(const QWidget& button)
{
    const auto corner = button.mapToGlobal(QPoint(button.width(), 0));
    move(corner - QPoint(width(), height() + 6));
    show();
}

}  // namespace jolly::app
