// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/window/status_bar.h"

#include "app/goals/goal.h"
#include "app/preflight/preflight_list.h"
#include "app/style/elided_label.h"
#include "app/style/palette.h"
#include "app/style/qt_text.h"
#include "app/style/theme.h"
#include "core/tangle/lookup.h"
#include "core/tangle/signals.h"

#include <QHBoxLayout>
#include <QPainter>
#include <algorithm>

namespace jolly::app
{

namespace
{

/// The strands whose stages look at a control.
QStringList partsOf(const Tangle& tangle, const Source& control)
{
    QStringList parts;
    for (const auto& strand : tangle.strands) {
        const auto controls = controlsOf(strand);
        if (strand.source != control && std::ranges::find(controls, control) != controls.end())
            parts << StatusBar::tr("a part of %1").arg(toQt(strand.name));
    }
    return parts;
}

}  // namespace

StatusBar::StatusBar(Studio& studio, QWidget* parent)
    : QWidget(parent),
      m_studio(studio),
      m_touched(new ElidedLabel(this)),
      m_went(new ElidedLabel(this)),
      m_held(new QLabel(this)),
      m_follow(new QCheckBox(tr("follow touch"), this)),
      m_preflight(new QPushButton(this))
{
    setFixedHeight(28);
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(12, 0, 8, 0);
    row->setSpacing(12);
    m_touched->setFont(textFont(TextSize::Small, true));
    m_touched->setObjectName(QStringLiteral("touched"));
    m_went->setFont(textFont(TextSize::Small));
    m_went->setObjectName(QStringLiteral("went"));
    setTone(*m_went, "dim");
    m_held->setFont(textFont(TextSize::Small));
    m_held->setObjectName(QStringLiteral("held"));
    setTone(*m_held, "dim");
    m_follow->setFont(textFont(TextSize::Small));
    m_follow->setObjectName(QStringLiteral("follow"));
    m_follow->setToolTip(tr("Touching a control selects it in every view (Ctrl+T)"));
    m_follow->setChecked(studio.selection().isFollowing());
    m_preflight->setFont(textFont(TextSize::Small));
    m_preflight->setObjectName(QStringLiteral("preflight"));
    m_preflight->setProperty("tone", "plain");
    row->addWidget(m_touched);
    row->addWidget(m_went, 1);
    row->addWidget(m_held);
    row->addWidget(m_follow);
    row->addWidget(m_preflight);
    connect(m_follow, &QCheckBox::toggled, &studio.selection(), &Selection::setFollowing);
    connect(&studio.selection(), &Selection::followingChanged, m_follow, &QCheckBox::setChecked);
    connect(m_preflight, &QPushButton::clicked, this, &StatusBar::openPreflight);
    connect(&studio.selection(), &Selection::touchedChanged, this,
            [this] { show(m_studio.selection().touched()); });
    connect(&studio.selection(), &Selection::selectionChanged, this,
            [this] { show(m_studio.selection().selected()); });
    connect(&studio.edits(), &Edits::settled, this, [this] {
        showWay();
        showPreflight();
    });
    showWay();
    showPreflight();
}

/// The control that was touched or selected last.
void StatusBar::show(const std::optional<Source>& control)
{
    if (control) m_shown = control;
    showWay();
}

void StatusBar::showWay()
{
    const auto* controller = m_shown ? m_studio.feed().controllerOf(*m_shown) : nullptr;
    m_touched->setText(
        controller
            ? tr("●  %1 of %2").arg(m_studio.feed().nameOf(*m_shown), toQt(controller->rig.alias))
            : tr("○  nothing touched yet"));
    QStringList ways;
    if (controller) {
        const auto& stance = m_studio.stance();
        const auto meanings = stance.meaningsOf(*m_shown);
        const auto* acting = actingOf(meanings, stance.engaged());
        for (const auto* strand : acting ? acting->strands : std::vector<const Strand*>{}) {
            for (const auto& end : strand->ends)
                ways << (strand->stages.empty()
                             ? tr("→ %1").arg(goalText(m_studio.tangle(), end.goal))
                             : tr("→ %1 through %n stage(s)", nullptr,
                                  static_cast<int>(strand->stages.size()))
                                   .arg(goalText(m_studio.tangle(), end.goal)));
        }
        if (ways.isEmpty()) ways = partsOf(m_studio.tangle(), *m_shown);
        if (ways.isEmpty()) ways << tr("leads nowhere yet");
    }
    m_went->setText(ways.join(QStringLiteral(", ")));
}

void StatusBar::showPreflight()
{
    const auto& session = m_studio.session();
    int held = 0;
    for (const auto& controller : m_studio.feed().desk().controllers)
        held += controller.hold == Hold::Held ? 1 : 0;
    const auto all = static_cast<int>(m_studio.feed().desk().controllers.size());
    m_held->setText(session.isLive() ? tr("%1 of %n controller(s) held", nullptr, all).arg(held)
                                     : tr("%n controller(s), none held", nullptr, all));
    const auto count = static_cast<int>(m_studio.preflight().problems().size());
    const bool hasErrors = jolly::hasErrors(m_studio.preflight().problems());
    m_preflight->setText(count == 0 ? tr("preflight clear")
                                    : tr("preflight: %n thing(s) to look at", nullptr, count));
    setTone(*m_preflight, hasErrors ? "plain-coral" : (count > 0 ? "plain-straw" : "plain"));
    m_preflight->setToolTip(tr("Open the list (Ctrl+P)"));
}

void StatusBar::openPreflight()
{
    auto* list = new PreflightList(m_studio.weaver(), m_studio.preflight(), window());
    list->openAbove(*m_preflight);
}

void StatusBar::paintEvent(QPaintEvent*)
{
    QPainter painter(this);
    painter.fillRect(rect(), jolly::app::palette().bar);
    painter.setPen(jolly::app::palette().line);
    painter.drawLine(0, 0, width(), 0);
}

}  // namespace jolly::app
