// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/window/toast.h"

#include "app/style/palette.h"
#include "app/style/theme.h"

#include <QAccessibleWidget>
#include <QApplication>
#include <QHBoxLayout>
#include <QMouseEvent>
#include <QPainter>
#include <algorithm>

namespace jolly::app
{

namespace
{

constexpr int kWidestToast = 520;
constexpr int kAway = 26;       ///< from what was clicked
constexpr int kClickMs = 4000;  ///< so long the eye is where the click was
constexpr int kTop = 56;        ///< of the window, and
constexpr int kFoot = 40;       ///< beneath: its bars stay free
constexpr int kShortestMs = 5000;
constexpr int kLetterMs = 55;  ///< a slow reader's

/// What a screen reader reads out when it shows.
class ToastInWords : public QAccessibleWidget
{
 public:
    explicit ToastInWords(QWidget* toast) : QAccessibleWidget(toast, QAccessible::Notification) {}

    static QAccessibleInterface* make(const QString&, QObject* object)
    {
        auto* toast = qobject_cast<Toast*>(object);
        return toast ? new ToastInWords(toast) : nullptr;
    }
};

}  // namespace

QString markOf(Saying::Tone tone)
{
    switch (tone) {
        case Saying::Tone::Good:
            return QStringLiteral("✓");
        case Saying::Tone::Bad:
            return QStringLiteral("!");
        case Saying::Tone::Calm:
            break;
    }
    return QStringLiteral("·");
}

const char* toneOf(Saying::Tone tone)
{
    switch (tone) {
        case Saying::Tone::Good:
            return "mint";
        case Saying::Tone::Bad:
            return "coral";
        case Saying::Tone::Calm:
            break;
    }
    return "dim";
}

Toast::Toast(QWidget& window)
    : QWidget(&window), m_window(window), m_mark(new QLabel(this)), m_words(new QLabel(this))
{
    QAccessible::installFactory(&ToastInWords::make);
    setObjectName(QStringLiteral("toast"));
    setAttribute(Qt::WA_TransparentForMouseEvents);
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(14, 9, 16, 9);
    row->setSpacing(9);
    m_mark->setFont(textFont(TextSize::Normal, true));
    m_words->setObjectName(QStringLiteral("said"));
    m_words->setTextFormat(Qt::PlainText);
    m_words->setWordWrap(true);
    setTone(*m_words, "title");
    row->addWidget(m_mark, 0, Qt::AlignTop);
    row->addWidget(m_words, 1);
    m_silence.setSingleShot(true);
    connect(&m_silence, &QTimer::timeout, this, &QWidget::hide);
    qApp->installEventFilter(this);
    window.installEventFilter(this);
    hide();
}

void Toast::say(const Saying& saying)
{
    m_tone = saying.tone;
    m_words->setText(QString(saying.sentence).replace(QLatin1Char('\n'), QLatin1Char(' ')));
    m_mark->setText(markOf(saying.tone));
    setTone(*m_mark, toneOf(saying.tone));
    setAccessibleName(m_words->text());
    hide();  // a screen reader reads what begins to show
    place();
    show();
    raise();
    m_silence.start(std::max(kShortestMs, static_cast<int>(saying.sentence.size()) * kLetterMs));
}

QPoint Toast::eye() const
{
    if (m_sinceClick.isValid() && m_sinceClick.elapsed() < kClickMs)
        return m_window.mapFromGlobal(m_click);
    const auto* focus = QApplication::focusWidget();
    if (focus && focus != &m_window && m_window.isAncestorOf(focus) && focus->isVisible())
        return focus->mapTo(&m_window, focus->rect().center());
    return {m_window.width() / 2, m_window.height()};
}

void Toast::place()
{
    const int most = std::min(kWidestToast, m_window.width() - 32);
    const int alone = m_words->fontMetrics().horizontalAdvance(m_words->text()) + 66;
    const int width = std::min(most, alone);
    const int height = layout()->hasHeightForWidth() ? layout()->heightForWidth(width)
                                                     : layout()->sizeHint().height();
    const auto at = eye();
    const int lowest = m_window.height() - height - kFoot;
    int y = at.y() + kAway;
    if (y > lowest) y = std::min(lowest, at.y() - kAway - height);  // above it, else it is covered
    const int x = std::clamp(at.x() - width / 2, 16, std::max(16, m_window.width() - width - 16));
    setGeometry(x, std::clamp(y, kTop, std::max(kTop, lowest)), width, height);
}

bool Toast::eventFilter(QObject* watched, QEvent* event)
{
    if (event->type() == QEvent::MouseButtonPress) {
        m_click = static_cast<QMouseEvent*>(event)->globalPosition().toPoint();
        m_sinceClick.start();
    }
    if (watched == &m_window && event->type() == QEvent::Resize && !isHidden()) place();
    return QWidget::eventFilter(watched, event);
}

void Toast::paintEvent(QPaintEvent*)
{
    const auto& p = jolly::app::palette();
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    const auto border = m_tone == Saying::Tone::Bad    ? p.coral
                        : m_tone == Saying::Tone::Good ? p.mint
                                                       : p.dim;
    painter.setPen(QPen(border, 1.2));
    painter.setBrush(p.raised);
    painter.drawRoundedRect(QRectF(rect()).adjusted(1, 1, -1, -1), kRadius, kRadius);
}

}  // namespace jolly::app
