// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/preflight/problem_row.h"
#include "app/style/qt_text.h"

#include "app/style/palette.h"
#include "app/style/theme.h"
#include "core/weave/remedies.h"

#include <QApplication>
#include <QClipboard>
#include <QLabel>
#include <QPushButton>
#include <QVBoxLayout>

namespace jolly::app
{

namespace
{

QString html(const Sentence& words)
{
    return toQt(words).toHtmlEscaped();
}

/// "✕ Sentence" over what it means and the cure.
QString textOf(const Problem& problem)
{
    const bool isError = problem.severity == Severity::Error;
    const auto& ink = palette();
    auto text =
        QStringLiteral("<b style='color:%1'>%2</b>%3")
            .arg((isError ? ink.coral : ink.straw).name(),
                 isError ? QStringLiteral("✕ ") : QStringLiteral("! "), html(problem.sentence));
    const auto more = html(oneAfterOther(problem.meaning, problem.cure));
    return text + QStringLiteral("<br><span style='color:%1'>%2</span>").arg(ink.dim.name(), more);
}

}  // namespace

ProblemRow::ProblemRow(Weaver& weaver, const Problem& problem, QWidget* parent)
    : QWidget(parent), m_weaver(weaver)
{
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(6);
    addWords(problem);
    addDeeds(problem);
}

void ProblemRow::addWords(const Problem& problem)
{
    auto* words = new QLabel(textOf(problem));
    words->setWordWrap(true);
    words->setTextInteractionFlags(Qt::TextSelectableByMouse);
    words->setAccessibleName(toQt(oneAfterOther(problem.sentence, problem.cure)));
    layout()->addWidget(words);
}

void ProblemRow::addDeeds(const Problem& problem)
{
    const auto* remedy = remedyFor(problem);
    if (!remedy && problem.command.empty()) return;
    auto* row = new QHBoxLayout;
    if (remedy) {
        auto* button = new QPushButton(toQt(remedy->label));
        button->setObjectName(QStringLiteral("remedy ") + toQt(problem.remedy));
        connect(button, &QPushButton::clicked, this, [this, problem] { m_weaver.cure(problem); });
        row->addWidget(button);
    } else {
        auto* copy = new QPushButton(tr("Copy the command"));
        copy->setObjectName(QStringLiteral("copy command"));
        copy->setToolTip(toQt(problem.command));
        connect(copy, &QPushButton::clicked, this, [this, problem] {
            QApplication::clipboard()->setText(toQt(problem.command));
            m_weaver.edits().messages().say(tr("Copied: %1").arg(toQt(problem.command)));
        });
        row->addWidget(copy);
    }
    row->addStretch();
    static_cast<QVBoxLayout*>(layout())->addLayout(row);
}

}  // namespace jolly::app
