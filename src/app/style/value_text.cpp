// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/style/value_text.h"

#include "app/style/palette.h"
#include "app/style/qt_text.h"
#include "app/style/theme.h"
#include "core/hats/hat_ways.h"

#include <QGlyphRun>
#include <QHash>
#include <QLocale>
#include <QRawFont>
#include <algorithm>
#include <cmath>
#include <list>

namespace jolly::app
{

namespace
{

struct Glyph {
    quint32 index = 0;
    qreal advance = 0.0;
};

/// A font as values are drawn with it: looked up once, since values are drawn sixty times a second.
class ValueFont
{
 public:
    explicit ValueFont(const QFont& font) : m_font(font), m_raw(QRawFont::fromFont(font))
    {
        for (char c = '0'; c <= '9'; ++c)
            m_digit = std::max(m_digit, glyphOf(QLatin1Char(c)).advance);
    }

    [[nodiscard]] bool is(const QFont& font) const { return font == m_font; }
    [[nodiscard]] const QRawFont& raw() const { return m_raw; }

    [[nodiscard]] const Glyph& glyphOf(QChar c)
    {
        auto found = m_glyphs.constFind(c);
        if (found == m_glyphs.constEnd()) {
            const auto indexes = m_raw.glyphIndexesForString(c);
            const auto advances = m_raw.advancesForGlyphIndexes(indexes);
            found = m_glyphs.insert(c, {indexes.value(0), advances.value(0).x()});
        }
        return *found;
    }
    [[nodiscard]] qreal cellOf(QChar c) { return c.isDigit() ? m_digit : glyphOf(c).advance; }

 private:
    QFont m_font;
    QRawFont m_raw;
    qreal m_digit = 0.0;
    QHash<QChar, Glyph> m_glyphs;
};

ValueFont& valueFont(const QFont& font)
{
    static std::list<ValueFont> fonts;
    const auto found = std::ranges::find_if(fonts, [&](const auto& f) { return f.is(font); });
    return found == fonts.end() ? fonts.emplace_back(font) : *found;
}

}  // namespace

void drawValue(QPainter& painter, const QRectF& rect, Qt::Alignment alignment, const QString& text)
{
    auto& font = valueFont(painter.font());
    qreal width = 0.0;
    for (const auto c : text) width += font.cellOf(c);
    qreal x = rect.left();
    if (alignment & Qt::AlignRight) x = rect.right() - width;
    if (alignment & Qt::AlignHCenter) x = rect.center().x() - width / 2;
    const qreal y = rect.center().y() + (font.raw().ascent() - font.raw().descent()) / 2;
    QList<quint32> indexes;
    QList<QPointF> places;
    for (const auto c : text) {
        const auto& glyph = font.glyphOf(c);
        const qreal cell = font.cellOf(c);
        indexes << glyph.index;
        places << QPointF(x + (cell - glyph.advance) / 2, y);
        x += cell;
    }
    if (indexes.contains(0))  // another font has that sign
        return painter.drawText(rect, int(alignment | Qt::AlignVCenter), text);
    QGlyphRun run;
    run.setRawFont(font.raw());
    run.setGlyphIndexes(indexes);
    run.setPositions(places);
    painter.drawGlyphRun({0, 0}, run);
}

QString valueText(Value value, const Signal& signal)
{
    const auto way = wayOf(value);
    switch (signal.kind) {
        case ControlKind::Axis:
            return percentText(value.x, signal.sides == Sides::Two);
        case ControlKind::Button:
            return value.isPressed() ? QObject::tr("pressed") : QObject::tr("released");
        case ControlKind::Hat:
            return way ? toQt(Sentence(kHatWays[*way].name)) : QObject::tr("middle");
        case ControlKind::Turner:
            return QString::number(value.x);
    }
    return {};
}

QString percentText(double value, bool isTwoSided)
{
    const double shown = std::round(value * 1000.0) / 10.0;
    const auto number = QLocale().toString(std::abs(shown), 'f', 1);
    const auto sign =
        shown < 0 ? QStringLiteral("−") : (isTwoSided ? QStringLiteral("+") : QString());
    return sign + number + QStringLiteral(" %");
}

ValueLabel::ValueLabel(QWidget* parent) : QWidget(parent)
{
    setFont(textFont(TextSize::Normal));
}

void ValueLabel::setText(const QString& text)
{
    if (text == m_text) return;
    m_text = text;
    setAccessibleName(text);
    update();
}

void ValueLabel::setColour(QColor Palette::*colour)
{
    if (colour == m_colour) return;
    m_colour = colour;
    update();
}

void ValueLabel::setAlignment(Qt::Alignment alignment)
{
    m_alignment = alignment;
    update();
}

QSize ValueLabel::sizeHint() const
{
    const QFontMetrics metrics(font());
    return {metrics.horizontalAdvance(QStringLiteral("+100.0 %%")), metrics.height()};
}

void ValueLabel::paintEvent(QPaintEvent*)
{
    QPainter painter(this);
    painter.setPen(jolly::app::palette().*m_colour);
    drawValue(painter, rect(), m_alignment, m_text);
}

}  // namespace jolly::app
