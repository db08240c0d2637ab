// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/arrange/arrange_card.h"
#include "app/style/qt_text.h"

#include "app/rig/fact_grid.h"
#include "app/style/theme.h"
#include "core/tangle/edit.h"

#include <QHBoxLayout>
#include <QSignalBlocker>

namespace jolly::app
{

ArrangeCard::ArrangeCard(Edits& edits, LiveFeed& feed, QWidget* parent)
    : Card(parent),
      m_edits(edits),
      m_feed(feed),
      m_title(new QLabel),
      m_kind(new QComboBox),
      m_name(new QLineEdit)
{
    setObjectName(QStringLiteral("arrange card"));
    build();
}

QPushButton* ArrangeCard::addButton(QLayout& row, const QString& words, const char* name)
{
    auto* button = new QPushButton(words);
    button->setObjectName(QLatin1String(name));
    row.addWidget(button);
    return button;
}

void ArrangeCard::build()
{
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(16, 14, 16, 16);
    column->setSpacing(10);
    m_title->setFont(textFont(TextSize::Title, true));
    m_title->setWordWrap(true);
    auto* words = new QLabel(tr(
        "Drag parts until they look like the hardware; the corner resizes. Shift-click adds a "
        "part, a frame chooses several. Keys: arrows move, Shift and arrows resize, Tab goes on, "
        "G groups, Escape ends. Everything can be undone."));
    words->setWordWrap(true);
    setTone(*words, "dim");
    auto* grid = new FactGrid;
    m_kind->setObjectName(QStringLiteral("drawn as"));
    m_kind->setAccessibleName(tr("What the controller is drawn as"));
    m_kind->addItems({tr("stick"), tr("throttle"), tr("pedals"), tr("wheel"), tr("button box"),
                      tr("gamepad"), tr("keyboard"), tr("pointer")});
    m_name->setObjectName(QStringLiteral("part name"));
    m_name->setAccessibleName(tr("Name of the chosen part or group"));
    grid->addField(tr("Drawn as"), m_kind);
    grid->addField(tr("Label"), m_name);
    auto* groups = new QHBoxLayout;
    m_group = addButton(*groups, tr("Group"), "group parts");
    m_ungroup = addButton(*groups, tr("Take apart"), "ungroup");
    auto* anew = addButton(*groups, tr("Lay out anew"), "lay out anew");
    groups->addStretch();
    auto* files = new QHBoxLayout;
    auto* exporting = addButton(*files, tr("Export…"), "export faceplate");
    auto* importing = addButton(*files, tr("Import…"), "import faceplate");
    exporting->setToolTip(tr("A small file with names, kinds and places, for the same hardware"));
    files->addStretch();
    auto* done = addButton(*files, tr("Done"), "arranged");
    column->addWidget(m_title);
    column->addWidget(words);
    column->addWidget(grid);
    column->addLayout(groups);
    column->addStretch();
    column->addLayout(files);
    connect(m_kind, &QComboBox::activated, this, [this](int kind) {
        const auto* desk = m_overlay ? m_feed.desk().find(m_overlay->controller()) : nullptr;
        if (!desk) return;
        auto rig = desk->rig;
        rig.kind = static_cast<ControllerKind>(kind);
        rig.faceplate = {};
        m_edits.applyToWhole({tr("kind of controller")},
                             [&](Tangle& tangle) { putIntoRig(tangle, rig); });
    });
    connect(m_name, &QLineEdit::editingFinished, this, [this] {
        if (m_overlay) m_overlay->setName(m_name->text());
    });
    connect(m_group, &QPushButton::clicked, this, [this] { m_overlay->group(); });
    connect(m_ungroup, &QPushButton::clicked, this, [this] { m_overlay->ungroup(); });
    connect(anew, &QPushButton::clicked, this, [this] { m_overlay->layOutAnew(); });
    connect(exporting, &QPushButton::clicked, this,
            [this] { Q_EMIT exportWanted(m_overlay->controller()); });
    connect(importing, &QPushButton::clicked, this,
            [this] { Q_EMIT importWanted(m_overlay->controller()); });
    connect(done, &QPushButton::clicked, this, &ArrangeCard::end);
}

void ArrangeCard::begin(const std::string& controller, Faceplate* plate)
{
    removeOverlay();
    m_controller = controller;
    m_overlay = new ArrangeOverlay(m_edits, m_feed, controller, plate);
    connect(m_overlay, &ArrangeOverlay::chosenChanged, this, &ArrangeCard::showChosen);
    connect(m_overlay, &ArrangeOverlay::ended, this, &ArrangeCard::end);
    refresh(plate);
}

void ArrangeCard::refresh(Faceplate* plate)
{
    if (m_controller.empty()) return;
    const auto* desk = m_feed.desk().find(m_controller);
    if (!desk || !plate) return end();
    if (!m_overlay || m_overlay->parentWidget() != plate) return begin(m_controller, plate);
    m_title->setText(tr("Arrange %1").arg(toQt(desk->rig.alias)));
    const QSignalBlocker quiet(m_kind);
    m_kind->setCurrentIndex(static_cast<int>(desk->rig.kind));
    m_overlay->refresh();
    showChosen();
}

void ArrangeCard::removeOverlay()
{
    if (!m_overlay) return;
    m_overlay->disconnect(this);
    m_overlay->hide();
    m_overlay->deleteLater();  // it may be the one that says it ended
    m_overlay.clear();
}

void ArrangeCard::showChosen()
{
    m_name->setEnabled(m_overlay->hasName());
    m_name->setText(m_overlay->name());
    m_name->setPlaceholderText(m_overlay->hasName() ? tr("its name") : tr("choose a part"));
    m_group->setEnabled(m_overlay->hasChosenParts());
    m_ungroup->setEnabled(m_overlay->hasChosenGroup());
}

void ArrangeCard::end()
{
    removeOverlay();
    m_controller.clear();
    Q_EMIT ended();
}

}  // namespace jolly::app
