// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/strands/origin_bar.h"
#include "app/style/qt_text.h"

#include "app/strands/stage_words.h"
#include "app/style/elided_button.h"
#include "app/style/theme.h"
#include "app/style/wrap_layout.h"
#include "core/layers/family_edit.h"
#include "core/tangle/edit.h"
#include "core/tangle/lookup.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <QVBoxLayout>

namespace jolly::app
{

namespace
{

QString craftNamed(const Tangle& tangle, const std::string& id)
{
    const auto* craft = findBy(tangle.craft, &Craft::id, id);
    return toQt(craft ? craft->name : id);
}

QString layerNamed(const Tangle& tangle, const std::string& id)
{
    const auto* layer = findBy(tangle.layers, &Layer::id, id);
    return toQt(layer ? layer->name : id);
}

}  // namespace

OriginBar::OriginBar(Edits& edits, QWidget* parent)
    : QWidget(parent),
      m_edits(edits),
      m_words(new QLabel(this)),
      m_family(makeButton("for everyone")),
      m_back(makeButton("set back")),
      m_layer(makeButton("own in layer"))
{
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(4);
    m_words->setObjectName(QStringLiteral("origin"));
    m_words->setWordWrap(true);
    m_words->setFont(textFont(TextSize::Small));
    setTone(*m_words, "dim");
    column->addWidget(m_words);
    auto* row = new WrapLayout(6);
    for (auto* button : {m_family, m_back, m_layer}) row->addWidget(button);
    row->addStretch();
    column->addLayout(row);
    connect(m_family, &QPushButton::clicked, this, &OriginBar::giveAway, Qt::QueuedConnection);
    connect(m_back, &QPushButton::clicked, this, &OriginBar::takeBack, Qt::QueuedConnection);
    connect(m_layer, &QPushButton::clicked, this, &OriginBar::copyIntoLayer, Qt::QueuedConnection);
}

QPushButton* OriginBar::makeButton(const char* name)
{
    auto* button = new ElidedButton(this);
    button->setObjectName(QLatin1String(name));
    setTone(*button, "plain-straw");
    button->setFont(textFont(TextSize::Small));
    return button;
}

void OriginBar::show(const Strand& strand)
{
    m_strand = strand.id;
    const auto& tangle = m_edits.tangle();
    const auto& stance = m_edits.stance();
    const auto& footing = stance.footing();
    const auto craft = craftNamed(tangle, strand.craft);
    const auto* own = findBy(tangle.craft, &Craft::id, strand.craft);
    const bool isOwn = strand.craft == footing.craft;
    const bool isHeir = footing.craft != kEverywhere;
    const bool isHere = strand.layer == footing.layer;
    QStringList words;
    if (!isOwn)
        words << tr("Inherited from %1; an edit makes it %2's own.").arg(craft, stance.craftName());
    const auto* inherited =
        strand.insteadOf.empty() ? nullptr : findStrand(tangle, strand.insteadOf);
    if (isOwn && isHeir)
        words << (inherited
                      ? tr("%1's own, instead of \"%2\" of %3.")
                            .arg(craft, toQt(inherited->name), craftNamed(tangle, inherited->craft))
                      : tr("%1's own.").arg(craft));
    if (!isHere) words << tr("Of the layer %1.").arg(layerNamed(tangle, strand.layer));
    m_words->setText(words.join(QLatin1Char(' ')));
    const auto parent = own ? craftNamed(tangle, own->parent) : QString();
    const bool isForAll =
        inherited ? inherited->craft == kEverywhere : own && own->parent == kEverywhere;
    m_family->setText(isForAll
                          ? tr("for everyone instead")
                          : tr("for all %1 instead")
                                .arg(inherited ? craftNamed(tangle, inherited->craft) : parent));
    m_family->setVisible(isOwn && isHeir);
    m_back->setText(inherited ? tr("set back to inherited") : tr("take it away"));
    m_back->setVisible(isOwn && isHeir);
    m_layer->setText(tr("own meaning in %1").arg(stance.layerName()));
    m_layer->setVisible(!isHere);
    setVisible(!words.isEmpty());
}

void OriginBar::giveAway()
{
    const auto give = [this](Tangle& tangle) -> Fallible {
        const auto given = giveToFamily(tangle, m_strand);
        if (!given) return tl::unexpected(given.error());
        return {};
    };
    if (m_edits.applyToWhole({tr("for everyone instead")}, give))
        m_edits.messages().say(
            tr("All who inherit it have it so now; what they changed themselves stays."));
}

void OriginBar::takeBack()
{
    if (m_edits.applyToWhole({tr("set back to inherited")},
                             [this](Tangle& tangle) { return setBack(tangle, m_strand); }))
        m_edits.messages().say(
            tr("%1 does what it inherits again.").arg(m_edits.stance().craftName()));
}

void OriginBar::copyIntoLayer()
{
    const auto footing = m_edits.stance().footing();
    m_edits.applyToWhole({tr("own meaning in a layer"), m_strand},
                         [&](Tangle& tangle, const Strand& strand) {
                             auto copy = strand;
                             copy.id = freshId(tangle, "strand");
                             copy.layer = footing.layer;
                             copy.craft = footing.craft;
                             copy.insteadOf.clear();
                             copy.shape.clear();
                             tangle.strands.push_back(std::move(copy));
                         });
}

}  // namespace jolly::app
