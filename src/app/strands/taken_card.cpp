// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/strands/taken_card.h"
#include "app/style/qt_text.h"

#include "app/strands/why_lines.h"
#include "app/style/elided_button.h"
#include "app/style/elided_label.h"
#include "app/style/theme.h"
#include "app/style/wrap_layout.h"
#include "core/tangle/device_edit.h"
#include "core/tangle/edit.h"

#include <QHBoxLayout>
#include <QPushButton>

namespace jolly::app
{

TakenCard::TakenCard(Weaver& weaver, Target target, std::optional<Source> from, QWidget* parent)
    : Card(parent), m_weaver(weaver), m_target(std::move(target)), m_from(std::move(from))
{
    setObjectName(QStringLiteral("taken card"));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(16, 12, 16, 14);
    column->setSpacing(8);
    auto* title = new ElidedLabel;
    title->setText(toQt(placeName(weaver.edits().tangle(), m_target)));
    title->setFont(textFont(TextSize::Title, true));
    setTone(*title, "title");
    column->addWidget(title);
    for (const auto* strand : weaver.edits().stance().takersOf(m_target))
        addTaker(*strand, *column);
    addOffers(*column);
    auto* why = new WhyLines(weaver.edits(), weaver.selection().feed());
    why->setPlace(m_target);
    column->addWidget(why);
}

void TakenCard::addTaker(const Strand& strand, QVBoxLayout& column)
{
    auto* row = new QHBoxLayout;
    auto* words = new ElidedLabel;
    const auto name = toQt(strand.name.empty() ? strand.id : strand.name);
    const Source source{strand.source.controller, strand.source.control};
    const auto* controller = m_weaver.selection().feed().controllerOf(source);
    words->setText(controller ? tr("%1 of %2 leads here.").arg(name, toQt(controller->rig.alias))
                              : tr("%1 leads here; its controller is not known.").arg(name));
    row->addWidget(words, 1);
    if (controller) {
        auto* look = new QPushButton(tr("look at it"));
        look->setObjectName(QStringLiteral("look at ") + toQt(strand.id));
        look->setAccessibleName(tr("look at %1").arg(name));
        connect(look, &QPushButton::clicked, this, [this, source] {
            m_weaver.selection().select(source);
            Q_EMIT done();
        });
        row->addWidget(look);
    }
    column.addLayout(row);
}

/// How two that go one way only can be one axis.
void TakenCard::addMeetings(const QString& name, const Offer& offer)
{
    const auto takers = m_weaver.edits().stance().takersOf(m_target);
    const auto& tangle = m_weaver.edits().tangle();
    if (m_target.control.kind != ControlKind::Axis || takers.size() != 1) return;
    const auto& first = *takers.front();
    auto trial = tangle;
    const auto* controller = m_weaver.selection().feed().controllerOf(*m_from);
    const bool goEachWay =
        controller &&
        connectOtherWay(trial, first.id, controller->rig, m_from->control, m_target).has_value();
    if (!goEachWay) return;
    offer("lead the other way", tr("One axis: %1 down, %2 up").arg(toQt(first.name), name),
          [this, id = first.id] { m_weaver.leadOtherWay(id, *m_from, m_target); });
    offer("lead the larger", tr("The larger of the two"),
          [this] { m_weaver.leadLarger(*m_from, m_target); });
}

void TakenCard::addOffers(QVBoxLayout& column)
{
    auto* row = new WrapLayout(6);
    const Offer offer = [&](const char* name, const QString& words,
                            const std::function<void()>& deed) {
        auto* button = new ElidedButton(words);
        button->setObjectName(QString::fromLatin1(name));
        connect(button, &QPushButton::clicked, this, [this, deed] {
            deed();
            Q_EMIT done();
        });
        row->addWidget(button);
    };
    if (m_from && m_weaver.mayLead(*m_from, m_target)) {
        const auto name = m_weaver.selection().feed().nameOf(*m_from);
        offer("lead here too", tr("Lead %1 here too").arg(name),
              [this] { m_weaver.lead(*m_from, m_target); });
        addMeetings(name, offer);
        offer("lead here instead", tr("%1 here instead").arg(name),
              [this] { m_weaver.leadInstead(*m_from, m_target); });
    }
    offer("leave it", tr("Leave it as it is"), [] {});
    row->addStretch();
    column.addLayout(row);
}

}  // namespace jolly::app
