// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/preflight/permission_page.h"
#include "app/style/qt_text.h"

#include "app/services/data_files.h"
#include "app/style/theme.h"
#include "app/widgets/card.h"

#include <QApplication>
#include <QClipboard>
#include <QFile>
#include <QPlainTextEdit>
#include <QVBoxLayout>

namespace jolly::app
{

namespace
{

constexpr int kCardWidth = 820;

/// The files as they will be written, each under its name.
QString writtenText()
{
    QString text;
    for (const auto& [name, place] :
         {std::pair("udev/70-jolly-tangle.rules", "/etc/udev/rules.d/70-jolly-tangle.rules"),
          std::pair("udev/jolly-tangle.conf", "/etc/modules-load.d/jolly-tangle.conf")}) {
        QFile file(dataFile(QLatin1String(name)));
        if (!file.open(QIODevice::ReadOnly)) {
            text += QObject::tr(
                        "The text for %1 is missing among the program's data (%2). Install "
                        "the program again.")
                        .arg(QLatin1String(place), QLatin1String(name)) +
                    QStringLiteral("\n\n");
            continue;
        }
        text += QLatin1String(place) + QStringLiteral(":\n\n") + QString::fromUtf8(file.readAll()) +
                QStringLiteral("\n");
    }
    return text.trimmed();
}

QLabel* words(const QString& text)
{
    auto* label = new QLabel(text);
    label->setWordWrap(true);
    return label;
}

}  // namespace

PermissionPage::PermissionPage(Preflight& preflight, QWidget* parent)
    : QWidget(parent),
      m_preflight(preflight),
      m_what(words({})),
      m_outcome(words({})),
      m_give(new QPushButton(tr("Give the permission…")))
{
    setObjectName(QStringLiteral("permission page"));
    auto* card = new Card;
    card->setMaximumWidth(kCardWidth);
    auto* column = new QVBoxLayout(card);
    column->setContentsMargins(24, 20, 24, 20);
    column->setSpacing(12);
    auto* title = words(tr("One permission is missing"));
    title->setFont(textFont(TextSize::Head, true));
    setTone(*title, "title");
    column->addWidget(title);
    m_what->setObjectName(QStringLiteral("permission what"));
    column->addWidget(m_what);
    column->addWidget(words(
        tr("Virtual joysticks are made through the kernel's uinput, which belongs to the "
           "administrator. These files give it to the person at this computer's own screen, and "
           "load it at every start. Know what it means: programs of that person can then also "
           "send key presses. Nothing else is written, and taking it back is one command.")));
    auto* text = new QPlainTextEdit(writtenText());
    text->setObjectName(QStringLiteral("permission text"));
    text->setAccessibleName(tr("What will be written"));
    text->setReadOnly(true);
    text->setMinimumHeight(230);
    column->addWidget(text, 1);
    auto* row = new QHBoxLayout;
    m_give->setObjectName(QStringLiteral("give permission"));
    auto* copy = new QPushButton(tr("Copy \"%1\"").arg(QLatin1String(kPermitCommand)));
    copy->setObjectName(QStringLiteral("copy permission"));
    auto* later = new QPushButton(tr("Look around without it"));
    later->setObjectName(QStringLiteral("dismiss permission"));
    for (auto* button : {m_give, copy, later}) row->addWidget(button);
    row->addStretch();
    column->addLayout(row);
    m_outcome->setObjectName(QStringLiteral("permission outcome"));
    column->addWidget(m_outcome);
    auto* centre = new QVBoxLayout(this);
    centre->setContentsMargins(24, 24, 24, 24);
    auto* across = new QHBoxLayout;
    across->addStretch(1);
    across->addWidget(card, 100);
    across->addStretch(1);
    centre->addLayout(across, 1);
    connect(m_give, &QPushButton::clicked, this, &PermissionPage::permissionWanted);
    connect(later, &QPushButton::clicked, this, &PermissionPage::dismissed);
    connect(copy, &QPushButton::clicked, this, [this] {
        QApplication::clipboard()->setText(QLatin1String(kPermitCommand));
        tell(tr("Copied. Run it in a terminal; this page goes by itself when it is done."));
    });
    connect(&preflight, &Preflight::changed, this, &PermissionPage::refresh);
    refresh();
}

const Problem* PermissionPage::problemIn(const Problems& problems)
{
    const auto found = std::ranges::find(problems, kUinputPath, &Problem::path);
    return found == problems.end() ? nullptr : &*found;
}

void PermissionPage::refresh()
{
    if (const auto* problem = problemIn(m_preflight.problems()))
        m_what->setText(toQt(oneAfterOther(problem->sentence, problem->meaning)));
}

void PermissionPage::tell(const QString& sentence)
{
    m_outcome->setText(sentence);
}

}  // namespace jolly::app
