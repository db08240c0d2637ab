// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/bench/walk_card.h"
#include "app/style/qt_text.h"

#include "app/style/theme.h"
#include "app/style/wrap_layout.h"
#include "core/tangle/lookup.h"

#include <QDateTime>
#include <QHBoxLayout>
#include <QVBoxLayout>
#include <algorithm>

namespace jolly::app
{

WalkCard::WalkCard(Edits& edits, LiveFeed& feed, QWidget* parent)
    : Card(parent),
      m_edits(edits),
      m_feed(feed),
      m_count(new QLabel),
      m_list(new QListWidget),
      m_again(new QPushButton(tr("Begin again"))),
      m_save(new QPushButton(tr("Save the report…"))),
      m_end(new QPushButton(tr("End the walk")))
{
    setObjectName(QStringLiteral("walk card"));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(12, 10, 12, 10);
    column->setSpacing(5);
    auto* head = new QHBoxLayout;
    auto* title = new QLabel(tr("Walk the desk"));
    title->setFont(textFont(TextSize::Title, true));
    setTone(*title, "title");
    m_count->setObjectName(QStringLiteral("walk count"));
    setTone(*m_count, "straw");
    head->addWidget(title, 1);
    head->addWidget(m_count);
    auto* words = new QLabel(tr(
        "Move everything to both its ends, press everything, push hats every way; then let go."));
    words->setFont(textFont(TextSize::Small));
    words->setWordWrap(true);
    setTone(*words, "dim");
    m_list->setObjectName(QStringLiteral("walk list"));
    m_list->setAccessibleName(tr("Controls, those first that are left"));
    m_list->setFont(textFont(TextSize::Small));
    m_list->setFixedHeight(128);
    m_list->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    m_list->setTextElideMode(Qt::ElideRight);
    setTone(*m_list, "bare");
    m_list->setStyleSheet(QStringLiteral("::item { padding: 2px; }"));
    auto* row = new WrapLayout(6);
    m_again->setObjectName(QStringLiteral("walk again"));
    m_save->setObjectName(QStringLiteral("walk save"));
    m_end->setObjectName(QStringLiteral("walk end"));
    row->addWidget(m_again);
    row->addWidget(m_save);
    row->addStretch();
    row->addWidget(m_end);
    column->addLayout(head);
    column->addWidget(words);
    column->addWidget(m_list);
    column->addLayout(row);
    connect(m_again, &QPushButton::clicked, this, &WalkCard::begin);
    connect(m_save, &QPushButton::clicked, this, &WalkCard::reportWanted);
    connect(m_end, &QPushButton::clicked, this, [this] {
        end();
        Q_EMIT ended();
    });
    connect(&feed, &LiveFeed::moved, this, &WalkCard::hear);
}

void WalkCard::begin()
{
    m_walk.emplace(m_edits.tangle());
    m_shown.clear();
    const auto& slots = m_feed.session().presentValues().slots;
    m_counts.clear();
    for (const auto& slot : slots) m_counts.push_back(slot.raw);
    for (const auto& controller : m_feed.desk().controllers) {
        for (std::size_t c = 0; c < controller.slotOf.size(); ++c) {
            const auto slot = static_cast<std::size_t>(controller.slotOf[c]);
            if (controller.isPresent && controller.slotOf[c] >= 0 && slot < m_counts.size())
                m_walk->stand(controller.rig.id, controller.rig.controls[c].code, m_counts[slot]);
        }
    }
    showState();
}

void WalkCard::end()
{
    m_walk.reset();
}

void WalkCard::hear()
{
    if (!m_walk) return;
    for (const auto& move : m_feed.session().moves()) {
        if (move.slot >= m_counts.size()) m_counts.resize(move.slot + 1);
        auto& counts = m_counts[move.slot];
        (move.isHatY ? counts.y : counts.x) = move.raw;
        for (const auto& controller : m_feed.desk().controllers) {
            const auto found = std::ranges::find(controller.slotOf, static_cast<int>(move.slot));
            if (found == controller.slotOf.end()) continue;
            const auto place = static_cast<std::size_t>(found - controller.slotOf.begin());
            m_walk->move(controller.rig.id, controller.rig.controls[place].code, counts, move.time);
        }
    }
}

void WalkCard::showState()
{
    if (!m_walk) return;
    const auto controls = m_walk->controls(m_feed.now());
    const auto done = std::ranges::count_if(controls, &WalkedControl::isDone);
    m_count->setText(tr("%1 of %2").arg(done).arg(controls.size()));
    setMarked(true);
    showList(controls);
}

/// What is begun or odd first, then what is left, then what is done.
void WalkCard::showList(const std::vector<WalkedControl>& controls)
{
    const auto rank = [](const WalkedControl& control) {
        if (!control.remark.empty()) return 0;
        if (control.isDone()) return 3;
        return control.isBegun() ? 1 : 2;
    };
    std::vector<const WalkedControl*> order;
    for (const auto& control : controls) order.push_back(&control);
    std::ranges::stable_sort(order, {}, [&](const auto* control) { return rank(*control); });
    QStringList lines;
    for (const auto* control : order) {
        QStringList steps;
        for (const auto& step : control->steps) {
            if (!step.isDone && !step.isAsked) continue;
            steps += toQt(step.words) + (step.isDone ? tr(": yes") : QString());
        }
        const auto* controller = findController(m_edits.tangle(), control->controller);
        auto line = (control->isDone() ? tr("✓ ") : tr("○ ")) + toQt(control->name) +
                    QStringLiteral(" · ") +
                    toQt(controller ? controller->alias : control->controller) +
                    QStringLiteral(": ") + steps.join(QStringLiteral(", "));
        if (!control->remark.empty()) line += QStringLiteral(" — ") + toQt(control->remark);
        lines += line;
    }
    if (lines == m_shown) return;
    m_shown = lines;
    m_list->clear();
    m_list->addItems(lines);
}

QString WalkCard::report(bool asHtml) const
{
    if (!m_walk) return {};
    const auto when =
        QDateTime::currentDateTime().toString(QStringLiteral("yyyy-MM-dd HH:mm")).toStdString();
    const auto now = m_feed.now();
    return toQt(asHtml ? htmlOf(*m_walk, now, when) : textOf(*m_walk, now, when));
}

}  // namespace jolly::app
