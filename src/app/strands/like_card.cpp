// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/strands/like_card.h"

#include "app/goals/goal.h"
#include "app/style/elided_button.h"
#include "app/style/elided_label.h"
#include "app/style/qt_text.h"
#include "app/style/theme.h"
#include "core/tangle/lookup.h"

#include <QLabel>
#include <QVBoxLayout>

namespace jolly::app
{

LikeCard::LikeCard(Weaver& weaver, std::string controller, QWidget* parent)
    : Card(parent), m_weaver(weaver), m_controller(std::move(controller))
{
    setObjectName(QStringLiteral("like card"));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(16, 12, 16, 14);
    column->setSpacing(8);
    const auto* desk = m_weaver.selection().feed().desk().find(m_controller);
    auto* title = new ElidedLabel;
    title->setText(tr("All of %1, like for like").arg(desk ? toQt(desk->rig.alias) : QString()));
    title->setFont(textFont(TextSize::Title, true));
    setTone(*title, "title");
    column->addWidget(title);
    for (const auto& way : likeWays()) {
        if (desk && way.fits(desk->rig)) addWay(way, desk->rig, *column);
    }
    auto* leave = new ElidedButton(tr("Leave it as it is"));
    leave->setObjectName(QStringLiteral("leave like"));
    connect(leave, &QPushButton::clicked, this, &LikeCard::done);
    column->addWidget(leave, 0, Qt::AlignLeft);
}

void LikeCard::addWay(const LikeWay& way, const RigController& rig, QVBoxLayout& column)
{
    auto after = m_weaver.edits().tangle();
    const auto led = leadLikeForLike(after, rig, way);
    const auto words = toQt(Sentence(way.name));
    auto* button = new ElidedButton(words);
    button->setObjectName(QStringLiteral("like ") + QLatin1String(way.key));
    button->setEnabled(led.has_value());
    connect(button, &QPushButton::clicked, this, [this, &way] {
        m_weaver.leadAll(m_controller, way);
        Q_EMIT done();
    });
    column.addWidget(button, 0, Qt::AlignLeft);
    const auto pairs = led ? pairsOf(after, *led) : toQt(led.error().text());
    auto* what = new QLabel(toQt(Sentence(way.sentence)) + QLatin1Char('\n') + pairs);
    what->setObjectName(QStringLiteral("like what ") + QLatin1String(way.key));
    what->setFont(textFont(TextSize::Small));
    what->setWordWrap(true);
    setTone(*what, "dim");
    column.addWidget(what);
}

/// "X → Jolly 2, X · Trigger → Jolly 2, button 1 · and 12 more".
QString LikeCard::pairsOf(const Tangle& after, const LikeForLike& led)
{
    constexpr std::size_t kShown = 10;
    QStringList pairs;
    for (std::size_t i = 0; i < led.strands.size() && i < kShown; ++i) {
        const auto& strand = *findStrand(after, led.strands[i]);
        pairs << tr("%1 → %2").arg(toQt(strand.name), goalText(after, strand.ends.front().goal));
    }
    if (led.strands.size() > kShown)
        pairs << tr("and %n more", nullptr, static_cast<int>(led.strands.size() - kShown));
    auto text = pairs.join(QStringLiteral(" · "));
    if (!led.left.empty())
        text += QLatin1Char('\n') + tr("%n control(s) find no place there.", nullptr,
                                       static_cast<int>(led.left.size()));
    return text;
}

}  // namespace jolly::app
