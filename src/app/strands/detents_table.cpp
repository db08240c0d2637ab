// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/strands/detents_table.h"
#include "app/style/qt_text.h"

#include "app/style/scroll_column.h"
#include "app/style/theme.h"

#include <QDoubleSpinBox>
#include <QGridLayout>
#include <QLabel>
#include <QLineEdit>
#include <QPushButton>
#include <QToolButton>
#include <algorithm>

namespace jolly::app
{

DetentsTable::DetentsTable(double low, QWidget* parent)
    : QWidget(parent), m_grid(new QGridLayout(this)), m_low(low)
{
    setObjectName(QStringLiteral("detents"));
    m_grid->setContentsMargins(0, 0, 0, 0);
    m_grid->setHorizontalSpacing(6);
    m_grid->setVerticalSpacing(4);
}

void DetentsTable::show(const DetentList& detents)
{
    if (m_isBuilt && detents == m_detents) return;
    m_isBuilt = true;
    m_detents = detents;
    rebuild();
}

void DetentsTable::rebuild()
{
    clearLayout(*m_grid);
    int column = 0;
    for (const auto& words : {tr("notch"), tr("at"), tr("gives"), tr("half width")}) {
        auto* head = new QLabel(words, this);
        setTone(*head, "dim");
        m_grid->addWidget(head, 0, column++);
    }
    for (std::size_t i = 0; i < m_detents.size(); ++i) addRow(i);
    auto* add = new QPushButton(tr("+ notch where the lever is"), this);
    add->setObjectName(QStringLiteral("add notch"));
    connect(add, &QPushButton::clicked, this, [this] {
        auto detents = m_detents;
        const auto after =
            std::ranges::find_if(detents, [this](const auto& d) { return d.at > m_place; });
        detents.insert(
            after, {tr("notch %1").arg(detents.size() + 1).toStdString(), m_place, m_place, 0.02});
        offer(std::move(detents));
    });
    m_grid->addWidget(add, m_grid->rowCount(), 0, 1, 4);
}

void DetentsTable::addRow(std::size_t detent)
{
    const int row = static_cast<int>(detent) + 1;
    auto* name = new QLineEdit(toQt(m_detents[detent].name), this);
    name->setObjectName(tr("name of notch %1").arg(row));
    name->setAccessibleName(name->objectName());
    m_grid->addWidget(name, row, 0);
    connect(name, &QLineEdit::editingFinished, this, [this, detent, name] {
        auto detents = m_detents;
        detents[detent].name = name->text().trimmed().toStdString();
        offer(std::move(detents));
    });
    addNumber(detent, 1, tr("place of notch %1").arg(row), m_low, 1.0, &Detent::at);
    addNumber(detent, 2, tr("output of notch %1").arg(row), m_low, 1.0, &Detent::to);
    addNumber(detent, 3, tr("half width of notch %1").arg(row), 0.0, 0.5, &Detent::halfWidth);
    auto* remove = new QToolButton(this);
    remove->setText(QStringLiteral("×"));
    remove->setObjectName(tr("remove notch %1").arg(row));
    remove->setAccessibleName(remove->objectName());
    m_grid->addWidget(remove, row, 4);
    connect(remove, &QToolButton::clicked, this, [this, detent] {
        auto detents = m_detents;
        detents.erase(detents.begin() + static_cast<std::ptrdiff_t>(detent));
        offer(std::move(detents));
    });
}

void DetentsTable::addNumber(std::size_t detent, int column, const QString& name, double low,
                             double high, double Detent::*member)
{
    auto* box = new QDoubleSpinBox(this);
    box->setObjectName(name);
    box->setAccessibleName(name);
    box->setRange(100.0 * low, 100.0 * high);
    box->setDecimals(1);
    box->setSuffix(QStringLiteral(" %"));
    box->setKeyboardTracking(false);
    box->setValue(100.0 * m_detents[detent].*member);
    m_grid->addWidget(box, static_cast<int>(detent) + 1, column);
    connect(box, &QDoubleSpinBox::valueChanged, this, [this, detent, member](double percent) {
        auto detents = m_detents;
        detents[detent].*member = percent / 100.0;
        offer(std::move(detents));
    });
}

void DetentsTable::offer(DetentList detents)
{
    if (detents == m_detents) return;
    const auto complaint = Detents{detents}.complaint();
    if (complaint.empty()) return Q_EMIT changed(detents);
    Q_EMIT refused(tr("That does not fit: %1.").arg(toQt(complaint)));
    // The field that is being edited goes with its row: not while it still tells what changed.
    QMetaObject::invokeMethod(this, &DetentsTable::rebuild, Qt::QueuedConnection);
}

}  // namespace jolly::app
