// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/strands/outlet_row.h"

#include "app/style/elided_button.h"
#include "app/style/elided_label.h"
#include "app/style/theme.h"
#include "app/style/value_text.h"

#include <QActionGroup>
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QLabel>
#include <QMenu>
#include <QPainter>
#include <QPushButton>
#include <QSignalBlocker>
#include <QSpinBox>
#include <QWidgetAction>

namespace jolly::app
{

namespace
{

constexpr How kHows[] = {How::Held, How::Pulse, How::PulseAtRelease, How::PulseAtBoth};

QString sentenceFor(How how)
{
    switch (how) {
        case How::Held:
            return QObject::tr("held: pressed for as long as it is");
        case How::Pulse:
            return QObject::tr("a pulse when it is pressed");
        case How::PulseAtRelease:
            return QObject::tr("a pulse when it is let go");
        case How::PulseAtBoth:
            return QObject::tr("a pulse when it is pressed and when it is let go");
    }
    return {};
}

}  // namespace

QString wordsFor(How how, double pulse)
{
    const auto ms = QString::number(pulse, 'f', 0);
    switch (how) {
        case How::Held:
            return QObject::tr("held");
        case How::Pulse:
            return QObject::tr("pulse %1 ms").arg(ms);
        case How::PulseAtRelease:
            return QObject::tr("let go: pulse %1 ms").arg(ms);
        case How::PulseAtBoth:
            return QObject::tr("both: pulse %1 ms").arg(ms);
    }
    return {};
}

OutletRow::OutletRow(const QString& outlet, bool hasLamp, QWidget* parent)
    : QWidget(parent), m_outlet(outlet), m_hasLamp(hasLamp)
{
    setObjectName(QStringLiteral("row ") + outlet);
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(6, 2, 6, 2);
    row->setSpacing(8);
    setFocusPolicy(Qt::StrongFocus);
    setCursor(Qt::PointingHandCursor);
    setToolTip(tr("Click here, then a virtual control on the right, to lead it there."));
    m_lamp = new ValueLabel(this);
    m_lamp->setObjectName(QStringLiteral("outlet ") + outlet);
    m_how = new QPushButton(this);
    m_how->setObjectName(QStringLiteral("how ") + outlet);
    m_how->setMinimumWidth(78);
    m_goal = new ElidedButton(this);
    m_goal->setObjectName(QStringLiteral("goal ") + outlet);
    m_goal->setProperty("tone", "plain");
    m_function = new ElidedLabel(this);
    m_function->setAlignment(Qt::AlignRight | Qt::AlignVCenter);
    setTone(*m_function, "dim");
    auto* arrow = new QLabel(QStringLiteral("→"), this);
    setTone(*arrow, "dim");
    row->addWidget(m_lamp);
    row->addWidget(m_how);
    row->addWidget(arrow);
    row->addWidget(m_goal);
    row->addWidget(m_function, 1);
    connect(m_goal, &QPushButton::clicked, this, &OutletRow::goalWanted, Qt::QueuedConnection);
    buildMenu();
    showName();
}

void OutletRow::buildMenu()
{
    auto* menu = new QMenu(m_how);
    menu->setObjectName(QStringLiteral("how menu"));
    auto* group = new QActionGroup(menu);
    for (const auto how : kHows) {
        auto* entry = menu->addAction(sentenceFor(how));
        entry->setCheckable(true);
        group->addAction(entry);
        connect(entry, &QAction::triggered, this,
                [this, how] { Q_EMIT howChosen(how, m_words.pulse); });
        connect(menu, &QMenu::aboutToShow, entry,
                [this, entry, how] { entry->setChecked(m_words.how == how); });
    }
    menu->addSeparator();
    auto* length = new QSpinBox(menu);
    length->setObjectName(QStringLiteral("pulse length"));
    length->setAccessibleName(tr("Length of a pulse in milliseconds"));
    length->setRange(static_cast<int>(End::kShortest), static_cast<int>(End::kLongest));
    length->setPrefix(tr("pulses last "));
    length->setSuffix(tr(" ms"));
    auto* entry = new QWidgetAction(menu);
    entry->setDefaultWidget(length);
    menu->addAction(entry);
    connect(menu, &QMenu::aboutToShow, length, [this, length] {
        const QSignalBlocker quiet(length);
        length->setValue(static_cast<int>(m_words.pulse));
    });
    connect(length, &QSpinBox::valueChanged, this, [this](int ms) {
        const auto how = m_words.how.value_or(How::Held);
        Q_EMIT howChosen(how == How::Held ? How::Pulse : how, ms);
    });
    m_how->setMenu(menu);
}

void OutletRow::show(const Words& words)
{
    m_words = words;
    m_how->setVisible(words.how.has_value());
    if (words.how) m_how->setText(wordsFor(*words.how, words.pulse));
    m_how->setAccessibleName(tr("How %1 presses: %2").arg(m_outlet, m_how->text()));
    m_goal->setText(words.goal.isEmpty() ? tr("nowhere yet: next free") : words.goal);
    m_goal->setAccessibleName(tr("%1 leads to %2").arg(m_outlet, m_goal->text()));
    m_goal->setToolTip(tr("Where it leads: keys, an order, nothing, one more…"));
    m_function->setText(words.function);
    setAccessibleName(
        tr("%1 leads to %2; choose it to lead it elsewhere").arg(m_outlet, m_goal->text()));
}

void OutletRow::setChosen(bool isChosen)
{
    if (isChosen == m_isChosen) return;
    m_isChosen = isChosen;
    showName();
    update();
}

QPoint OutletRow::menuPlace() const
{
    return m_goal->mapToGlobal(QPoint(0, m_goal->height()));
}

void OutletRow::paintEvent(QPaintEvent*)
{
    if (!m_isChosen && !hasFocus()) return;
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setPen({m_isChosen ? app::palette().straw : app::palette().dim, 1.0});
    painter.setBrush(m_isChosen ? app::palette().strawDeep : QColor(Qt::transparent));
    painter.drawRoundedRect(QRectF(rect()).adjusted(0.5, 0.5, -0.5, -0.5), 6.0, 6.0);
}

void OutletRow::mouseReleaseEvent(QMouseEvent*)
{
    Q_EMIT chosen();
}

void OutletRow::keyPressEvent(QKeyEvent* event)
{
    const bool isChoice = event->key() == Qt::Key_Space || event->key() == Qt::Key_Return;
    if (!isChoice) return QWidget::keyPressEvent(event);
    Q_EMIT chosen();
}

void OutletRow::focusInEvent(QFocusEvent* event)
{
    QWidget::focusInEvent(event);
    update();
}

void OutletRow::focusOutEvent(QFocusEvent* event)
{
    QWidget::focusOutEvent(event);
    update();
}

void OutletRow::setPressed(bool isPressed)
{
    if (isPressed == m_isPressed) return;
    m_isPressed = isPressed;
    showName();
}

void OutletRow::showName()
{
    const auto lamp = m_isPressed ? QStringLiteral("●  ") : QStringLiteral("○  ");
    m_lamp->setText(m_hasLamp ? lamp + m_outlet : m_outlet);
    m_lamp->setColour(m_isPressed && m_hasLamp ? &Palette::straw
                      : m_isChosen             ? &Palette::strong
                                               : &Palette::dim);
}

int OutletRow::nameWidth() const
{
    return m_lamp->fontMetrics().horizontalAdvance(QStringLiteral("●  ") + m_outlet) + 6;
}

void OutletRow::setNameWidth(int width)
{
    m_lamp->setFixedWidth(width);
}

}  // namespace jolly::app
