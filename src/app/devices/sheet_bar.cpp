// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/devices/sheet_bar.h"
#include "app/style/qt_text.h"

#include "app/style/theme.h"
#include "core/layers/family_edit.h"
#include "core/sim/sheet_check.h"
#include "format/sheet_text.h"

#include <QCoreApplication>
#include <QSignalBlocker>
#include <QVBoxLayout>
#include <algorithm>

namespace jolly::app
{

SheetBar::SheetBar(Edits& edits, QWidget* parent)
    : QWidget(parent),
      m_edits(edits),
      m_choice(new QComboBox),
      m_note(new QLabel),
      m_missing(new QLabel),
      m_verdict(new QLabel),
      m_plan(new QPushButton(tr("Plan…")))
{
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(6);
    auto* row = new QHBoxLayout;
    auto* title = new QLabel(tr("Made for"));
    setTone(*title, "dim");
    m_choice->setObjectName(QStringLiteral("sim sheet"));
    m_choice->setAccessibleName(tr("The sim that the tangle is made for"));
    m_choice->setSizePolicy(QSizePolicy::Ignored, QSizePolicy::Fixed);
    m_plan->setObjectName(QStringLiteral("plan"));
    row->addWidget(title);
    row->addWidget(m_choice, 1);
    row->addWidget(m_plan);
    column->addLayout(row);
    m_note->setWordWrap(true);
    m_note->setObjectName(QStringLiteral("sheet note"));
    m_note->setFont(textFont(TextSize::Small));
    setTone(*m_note, "dim");
    column->addWidget(m_note);
    m_missing->setWordWrap(true);
    m_missing->setObjectName(QStringLiteral("sheets missing"));
    m_missing->setFont(textFont(TextSize::Small));
    m_missing->hide();
    setTone(*m_missing, "coral");
    column->addWidget(m_missing);
    m_verdict->setWordWrap(true);
    m_verdict->setObjectName(QStringLiteral("sheet verdict"));
    column->addWidget(m_verdict);
    readSheets();
    connect(m_choice, &QComboBox::activated, this, &SheetBar::choose);
    connect(m_plan, &QPushButton::clicked, this, &SheetBar::planWanted);
    connect(&edits, &Edits::settled, this, [this] {
        if (isVisible()) refresh();  // showEvent() makes up for it
    });
}

void SheetBar::showEvent(QShowEvent*)
{
    refresh();
}

void SheetBar::readSheets()
{
    const auto program = QCoreApplication::applicationDirPath().toStdString();
    QStringList unreadable;
    for (auto& each : format::findSheets(format::sheetFolders(program))) {
        if (each.read.isReadable) {
            m_sheets.push_back(std::move(each.read.sheet));
        } else {
            unreadable << toQt(each.path.filename().string());
        }
    }
    QStringList sentences;
    if (m_sheets.empty())
        sentences << tr(
            "! No sim sheet is among the program's data. Install the program again, or "
            "take one from a file.");
    if (!unreadable.isEmpty())
        sentences << tr("! Not offered, since it cannot be read: %1.")
                         .arg(unreadable.join(QStringLiteral(", ")));
    m_missing->setText(sentences.join(QLatin1Char(' ')));
    m_missing->setVisible(!sentences.isEmpty());
}

void SheetBar::choose(int choice)
{
    if (choice == m_choice->count() - 1) {
        refresh();
        Q_EMIT fileWanted();
        return;
    }
    std::optional<SimSheet> sheet;
    if (choice > 0) sheet = m_sheets[static_cast<std::size_t>(choice) - 1];
    if (sheet == m_edits.stance().view().sheet) return;
    m_edits.applyToWhole({tr("choose sim")}, [&](Tangle& tangle) {
        setSheet(tangle, m_edits.stance().footing().craft, sheet);
    });
}

/// The tangle's own version of a sheet takes the place of the one that ships.
void SheetBar::keep(const SimSheet& sheet)
{
    const auto known = std::ranges::find(m_sheets, sheet.name, &SimSheet::name);
    if (known == m_sheets.end()) {
        m_sheets.push_back(sheet);
    } else {
        *known = sheet;
    }
}

void SheetBar::refresh()
{
    const auto& sheet = m_edits.stance().view().sheet;
    if (sheet) keep(*sheet);
    const QSignalBlocker quiet(m_choice);
    m_choice->clear();
    m_choice->addItem(tr("Any sim"));
    for (const auto& each : m_sheets) m_choice->addItem(toQt(each.name));
    m_choice->addItem(tr("From a file…"));
    const auto place = sheet ? std::ranges::find(m_sheets, *sheet) - m_sheets.begin() + 1 : 0;
    m_choice->setCurrentIndex(static_cast<int>(place));
    m_note->setText(sheet ? toQt(sheet->note) : QString());
    m_note->setVisible(!m_note->text().isEmpty());
    const auto problems = findSheetProblems(m_edits.stance().view());
    m_plan->setVisible(!problems.empty());
    m_verdict->setVisible(!problems.empty());
    setTone(*m_verdict, "coral");
    m_verdict->setText(problems.empty() ? QString()
                                        : QStringLiteral("! ") + toQt(problems.front().sentence));
}

}  // namespace jolly::app
