// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/style/still_text.h"

#include <QCache>
#include <QFontMetrics>
#include <QPainter>
#include <QStaticText>

namespace jolly::app
{

namespace
{

constexpr int kMostLaidOut = 1000;  ///< far more than a page has

struct Wanted {
    QString text;
    QFont font;
    int width;

    friend bool operator==(const Wanted&, const Wanted&) = default;
};

std::size_t qHash(const Wanted& wanted, std::size_t seed = 0)
{
    return qHashMulti(seed, wanted.text, wanted.font, wanted.width);
}

QStaticText* laidOut(const Wanted& wanted)
{
    const QFontMetrics metrics(wanted.font);
    auto* laid = new QStaticText(metrics.elidedText(wanted.text, Qt::ElideRight, wanted.width));
    laid->setTextFormat(Qt::PlainText);
    laid->prepare({}, wanted.font);
    return laid;
}

}  // namespace

void drawStillText(QPainter& painter, const QRect& rect, Qt::Alignment alignment,
                   const QString& text)
{
    static QCache<Wanted, QStaticText> known(kMostLaidOut);
    const Wanted wanted{text, painter.font(), rect.width()};
    auto* laid = known.object(wanted);
    if (!laid) {
        laid = laidOut(wanted);
        known.insert(wanted, laid);
    }
    const auto size = laid->size();
    qreal left = rect.left();
    if (alignment & Qt::AlignHCenter) left += (rect.width() - size.width()) / 2;
    if (alignment & Qt::AlignRight) left += rect.width() - size.width();
    const auto above = (rect.height() - qRound(size.height()) + 1) / 2;
    painter.drawStaticText(QPointF(left, rect.top() + above), *laid);
}

}  // namespace jolly::app
