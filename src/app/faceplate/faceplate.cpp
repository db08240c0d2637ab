// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/faceplate/faceplate.h"

#include "app/faceplate/list_painter.h"
#include "app/style/qt_text.h"

#include "app/style/elided_label.h"
#include "app/style/palette.h"
#include "app/style/theme.h"

#include <QContextMenuEvent>
#include <QPainter>
#include <algorithm>

namespace jolly::app
{

namespace
{

constexpr int kMargin = 14;
constexpr int kTitle = 34;
constexpr int kFooter = 22;
constexpr int kDeed = 28;

constexpr int kFrameLabel = 15;

/// Whether a drawing of the one can go on as one of the other: its words may differ.
bool isOneDrawing(const PlateControl& a, const PlateControl& b)
{
    return a.id == b.id && a.kind == b.kind && a.sides == b.sides && a.buttonKind == b.buttonKind &&
           a.notches == b.notches && a.isKeys == b.isKeys;
}

}  // namespace

Faceplate::Faceplate(Kind kind, QWidget* parent)
    : Card(parent),
      m_kind(kind),
      m_title(new ElidedLabel(this)),
      m_state(new QLabel(this)),
      m_left(new ElidedLabel(this)),
      m_right(new ElidedLabel(this))
{
    m_title->setFont(textFont(TextSize::Normal, true));
    setTone(*m_title, "title");
    for (auto* label : {m_state, m_left, m_right}) {
        label->setFont(textFont(TextSize::Small));
        setTone(*label, "dim");
    }
    m_state->setAlignment(Qt::AlignRight | Qt::AlignVCenter);
    m_right->setAlignment(Qt::AlignRight | Qt::AlignVCenter);
    setSizePolicy(QSizePolicy::Preferred, QSizePolicy::Fixed);
}

void Faceplate::setTitle(const QString& title, const QString& state)
{
    setObjectName(title);
    setAccessibleName(title + QStringLiteral(", ") + state);
    m_title->setText(title);
    m_state->setText(state);
    nameDeeds();
    place();
}

/// What is below the faceplate says of what it is.
void Faceplate::nameDeeds()
{
    for (auto* button : {m_deed, m_other}) {
        if (button)
            button->setAccessibleName(m_title->text() + QStringLiteral(": ") + button->text());
    }
}

void Faceplate::setFooter(const QString& left, const QString& right)
{
    m_left->setText(left);
    m_right->setText(right);
    place();
}

QPushButton* Faceplate::makeDeed(const char* name)
{
    auto* button = new QPushButton(this);
    button->setObjectName(QLatin1String(name));
    button->setFlat(true);
    button->setFont(textFont(TextSize::Small));
    button->setCursor(Qt::PointingHandCursor);
    button->show();
    return button;
}

void Faceplate::setDeed(const char* name, const QString& words)
{
    if (!m_deed) {
        m_deed = makeDeed(name);
        connect(m_deed, &QPushButton::clicked, this, &Faceplate::deedWanted);
    }
    m_deed->setText(words);
    nameDeeds();
    place();
}

void Faceplate::setOther(const QString& words)
{
    if (!m_other) {
        m_other = makeDeed("plate other");
        connect(m_other, &QPushButton::clicked, this, &Faceplate::otherWanted,
                Qt::QueuedConnection);
    }
    m_other->setText(words);
    nameDeeds();
    m_other->setVisible(!words.isEmpty());
    place();
}

int Faceplate::footerHeight() const
{
    if (m_deed) return kDeed;
    return m_left->text().isEmpty() && m_right->text().isEmpty() ? 0 : kFooter;
}

void Faceplate::setPlate(const Plate& plate)
{
    if (plate == m_plate) return;
    const bool hasSameControls =
        std::ranges::equal(plate.controls, m_plate.controls, isOneDrawing) &&
        plate.switches == m_plate.switches && plate.listsButtons == m_plate.listsButtons;
    m_plate = plate;
    if (hasSameControls) {
        for (std::size_t i = 0; i < m_spots.size(); ++i) {
            if (m_spots[i].view) m_spots[i].view->setControl(m_spots[i].part, plate.controls[i]);
        }
    } else {
        makeViews(layOut(width()));
    }
    place();
    update();
}

QPoint Faceplate::origin() const
{
    return {kMargin, kTitle};
}

int Faceplate::innerWidth() const
{
    return std::max(200, width() - 2 * kMargin);
}

PlateLayout Faceplate::layOut(int width) const
{
    const int inner = std::max(200, width - 2 * kMargin);
    return m_kind == Kind::Controller ? layOutController(m_plate, inner)
                                      : layOutVirtual(m_plate, inner, capWidth);
}

/// Whether the drawings that are there are those of the layout.
bool Faceplate::hasViewsOf(const PlateLayout& layout) const
{
    return std::ranges::equal(
        layout.items, m_views, [this](const PlateItem& item, const ControlView* view) {
            const auto first = static_cast<std::size_t>(item.controls.front());
            return item.shape == view->shape() && m_spots[first].view == view;
        });
}

void Faceplate::makeViews(const PlateLayout& layout)
{
    for (auto* view : m_views) {
        view->hide();
        view->deleteLater();
    }
    m_views.clear();
    m_spots.assign(m_plate.controls.size(), {});
    for (const auto& item : layout.items) {
        std::vector<PlateControl> controls;
        for (const int i : item.controls)
            controls.push_back(m_plate.controls[static_cast<std::size_t>(i)]);
        auto* view = new ControlView(item.shape, controls, this);
        if (item.ofSwitch >= 0)
            view->setSwitch(m_plate.switches[static_cast<std::size_t>(item.ofSwitch)]);
        for (int part = 0; part < view->parts(); ++part) {
            m_spots[static_cast<std::size_t>(item.controls[static_cast<std::size_t>(part)])] = {
                view, part};
        }
        connect(view, &ControlView::activated, this, &Faceplate::activated);
        connect(view, &ControlView::pointed, this, &Faceplate::pointed);
        connect(view, &ControlView::dragMoved, this, &Faceplate::dragMoved);
        connect(view, &ControlView::dropped, this, &Faceplate::dropped);
        connect(view, &ControlView::menuWanted, this, &Faceplate::menuWanted);
        connect(view, &ControlView::typed, this, &Faceplate::seek);
        connect(view, &ControlView::spaced, this,
                [this, view] { isSeeking() ? seek(QStringLiteral(" ")) : view->activate(); });
        connect(view, &ControlView::focused, this, [this, view] { takeStop(view); });
        connect(view, &ControlView::wayWanted, this, [this, view](Qt::Key key) { go(*view, key); });
        view->show();
        m_views.append(view);
    }
    if (!m_views.isEmpty()) takeStop(m_views.front());
}

void Faceplate::place()
{
    const int inner = width() - 2 * kMargin;
    const int right = std::min(inner / 2, m_state->sizeHint().width());
    m_title->setGeometry(kMargin, 8, inner - right - 8, 20);
    m_state->setGeometry(kMargin + inner - right, 8, right, 20);
    const auto layout = layOut(width());
    setFixedHeight(heightFor(layout));  // it follows the width
    if (!hasViewsOf(layout)) makeViews(layout);
    for (std::size_t i = 0; i < layout.items.size(); ++i) {
        m_views[static_cast<qsizetype>(i)]->setGeometry(
            toQt(layout.items[i].rect).translated(kMargin, kTitle));
    }
    m_frames = layout.frames;
    const int y = kTitle + layout.height + 6;
    const int footer = footerHeight() - 2;
    int x = kMargin;
    for (auto* button : {m_deed, m_other}) {
        if (!button || button->text().isEmpty()) continue;
        button->setGeometry(x - 6, y, button->sizeHint().width(), footer);
        x = button->geometry().right() + 12;
    }
    const int room = m_deed ? kMargin + inner - x : inner / 2;
    const int words = std::clamp(m_right->sizeHint().width(), 0, std::max(0, room));
    m_left->setVisible(!m_left->text().isEmpty() && !m_deed);
    m_left->setGeometry(kMargin, y, inner - words - 6, footer);
    m_right->setGeometry(kMargin + inner - words, y, words, footer);
}

void Faceplate::setState(std::size_t control, const ControlState& state)
{
    if (control < m_spots.size() && m_spots[control].view)
        m_spots[control].view->setState(m_spots[control].part, state);
}

ControlView* Faceplate::view(const QString& id) const
{
    for (std::size_t i = 0; i < m_spots.size(); ++i) {
        if (m_spots[i].view && m_spots[i].view->drawing().words(m_spots[i].part).id == id)
            return m_spots[i].view;
    }
    return nullptr;
}

int Faceplate::heightFor(const PlateLayout& layout) const
{
    return kTitle + layout.height + 10 + footerHeight();
}

int Faceplate::heightForWidth(int width) const
{
    return heightFor(layOut(width));
}

QSize Faceplate::sizeHint() const
{
    return {352, heightForWidth(std::max(300, width()))};
}

/// The Tab key stops once at a faceplate: where the arrows were last.
void Faceplate::takeStop(ControlView* view)
{
    for (auto* each : m_views)
        each->setFocusPolicy(each == view ? Qt::StrongFocus : Qt::ClickFocus);
    m_stop = view;
}

/// Left and right in the order of the drawings, up and down to the nearest one.
void Faceplate::go(const ControlView& from, Qt::Key key)
{
    const auto at = m_views.indexOf(&from);
    const auto last = m_views.size() - 1;
    ControlView* to = nullptr;
    if (key == Qt::Key_Home || key == Qt::Key_End) {
        to = m_views[key == Qt::Key_Home ? 0 : last];
    } else if (key == Qt::Key_Left || key == Qt::Key_Right) {
        to = m_views.value(at + (key == Qt::Key_Left ? -1 : 1));
    } else {
        const int sign = key == Qt::Key_Down ? 1 : -1;
        const auto centre = from.geometry().center();
        int nearest = QWIDGETSIZE_MAX;
        for (auto* view : m_views) {
            const auto way = view->geometry().center() - centre;
            const int down = sign * way.y();
            if (down < from.height() / 2) continue;
            const int distance = 3 * down + std::abs(way.x());
            if (distance >= nearest) continue;
            nearest = distance;
            to = view;
        }
    }
    if (to) to->setFocus(Qt::TabFocusReason);
}

bool Faceplate::isSeeking() const
{
    constexpr int kTogetherMs = 1000;
    return m_sinceLetter.isValid() && m_sinceLetter.elapsed() <= kTogetherMs;
}

/// To the control whose name or number begins with what was typed.
void Faceplate::seek(const QString& letters)
{
    if (!isSeeking()) m_sought.clear();
    m_sinceLetter.start();
    m_sought += letters;
    for (std::size_t i = 0; i < m_spots.size(); ++i) {
        if (!m_spots[i].view) continue;
        const auto& words = m_spots[i].view->drawing().words(m_spots[i].part);
        for (const auto& name : {words.number, words.label, words.from, words.id}) {
            if (name.startsWith(m_sought, Qt::CaseInsensitive))
                return m_spots[i].view->setFocus(Qt::TabFocusReason);
        }
    }
}

void Faceplate::contextMenuEvent(QContextMenuEvent* event)
{
    Q_EMIT menuWanted({}, event->globalPos());
}

void Faceplate::enterEvent(QEnterEvent* event)
{
    Card::enterEvent(event);
    Q_EMIT hovered(true);
}

void Faceplate::leaveEvent(QEvent* event)
{
    Card::leaveEvent(event);
    Q_EMIT hovered(false);
}

void Faceplate::paintEvent(QPaintEvent* event)
{
    Card::paintEvent(event);
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setFont(textFont(TextSize::Small));
    for (const auto& frame : m_frames) {
        const QRectF box =
            QRectF(toQt(frame.rect).translated(origin())).adjusted(0.5, 0.5, -0.5, -0.5);
        painter.setPen(QPen(jolly::app::palette().line, 1));
        painter.drawRoundedRect(box, 7, 7);
        painter.setPen(jolly::app::palette().dim);
        painter.drawText(QRectF(box.left() + 8, box.top() + 1, box.width() - 16, kFrameLabel),
                         Qt::AlignLeft | Qt::AlignVCenter, toQt(frame.label));
    }
}

void Faceplate::resizeEvent(QResizeEvent*)
{
    place();
}

}  // namespace jolly::app
