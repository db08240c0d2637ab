// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/widgets/finder.h"

#include "app/style/palette.h"
#include "app/style/theme.h"
#include "app/widgets/veil.h"

#include <QKeyEvent>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QPainter>
#include <QStyledItemDelegate>
#include <QVBoxLayout>
#include <algorithm>
#include <utility>

namespace jolly::app
{

namespace
{

constexpr std::size_t kMostShown = 60;
constexpr int kKindRole = Qt::UserRole + 1;
constexpr int kKeysRole = Qt::UserRole + 2;
constexpr int kAboutRole = Qt::UserRole + 3;
constexpr int kRow = 30;

/// Its picture, what it is called and does, what it is, and its keys, in one line.
class FoundRow : public QStyledItemDelegate
{
 public:
    using QStyledItemDelegate::QStyledItemDelegate;

    void paint(QPainter* painter, const QStyleOptionViewItem& option,
               const QModelIndex& index) const override
    {
        const auto& p = jolly::app::palette();
        const bool isChosen = option.state.testFlag(QStyle::State_Selected);
        auto box = option.rect.adjusted(2, 1, -2, -1);
        painter->save();
        painter->setRenderHint(QPainter::Antialiasing);
        painter->setPen(Qt::NoPen);
        painter->setBrush(isChosen ? p.strawDeep : Qt::transparent);
        painter->drawRoundedRect(box, 5, 5);
        box.adjust(9, 0, -9, 0);
        painter->setFont(textFont(TextSize::Small));
        painter->setPen(isChosen ? p.text : p.dim);
        const auto keys = index.data(kKeysRole).toString();
        const auto kind = index.data(kKindRole).toString() +
                          (keys.isEmpty() ? QString() : QStringLiteral("   ") + keys);
        const int right =
            std::min(box.width() / 2, painter->fontMetrics().horizontalAdvance(kind) + 4);
        painter->drawText(box, Qt::AlignRight | Qt::AlignVCenter,
                          painter->fontMetrics().elidedText(kind, Qt::ElideRight, right));
        box.adjust(0, 0, -right - 12, 0);
        const auto picture = index.data(Qt::DecorationRole).value<QImage>();
        if (!picture.isNull()) {
            const auto size = picture.deviceIndependentSize();
            painter->drawImage(QPointF(box.left(), box.center().y() - size.height() / 2.0),
                               picture);
            box.adjust(static_cast<int>(size.width()) + 10, 0, 0, 0);
        }
        const auto draw = [&](const QString& text, QColor colour) {
            painter->setPen(colour);
            painter->drawText(box, Qt::AlignLeft | Qt::AlignVCenter,
                              painter->fontMetrics().elidedText(text, Qt::ElideRight, box.width()));
            box.adjust(painter->fontMetrics().horizontalAdvance(text) + 10, 0, 0, 0);
        };
        painter->setFont(textFont(TextSize::Normal));
        draw(index.data().toString(), isChosen ? p.strong : p.text);
        painter->setFont(textFont(TextSize::Small));
        if (box.width() > 0) draw(index.data(kAboutRole).toString(), isChosen ? p.text : p.dim);
        painter->restore();
    }
    QSize sizeHint(const QStyleOptionViewItem&, const QModelIndex&) const override
    {
        return {200, kRow};
    }
};

}  // namespace

Finder::Finder(std::vector<Found> all, const QString& hint, QWidget* parent)
    : QFrame(parent, Qt::Popup),
      m_all(std::move(all)),
      m_typed(new QLineEdit(this)),
      m_list(new QListWidget(this)),
      m_none(new QLabel(this))
{
    setAttribute(Qt::WA_DeleteOnClose);
    setObjectName(QStringLiteral("finder"));
    setAccessibleName(tr("Find"));
    setAttribute(Qt::WA_TranslucentBackground);  // its corners are round
    m_typed->setObjectName(QStringLiteral("find"));
    m_typed->setPlaceholderText(hint);
    m_typed->setAccessibleName(tr("What to find"));
    m_typed->installEventFilter(this);
    m_list->setObjectName(QStringLiteral("found"));
    m_list->setAccessibleName(tr("What was found"));
    m_list->setFocusPolicy(Qt::NoFocus);
    setTone(*m_list, "bare");
    m_list->setItemDelegate(new FoundRow(m_list));
    m_list->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    m_none->setObjectName(QStringLiteral("none found"));
    m_none->setWordWrap(true);
    m_none->setAlignment(Qt::AlignTop);
    m_none->setTextFormat(Qt::PlainText);
    m_none->setContentsMargins(8, 6, 8, 6);
    setTone(*m_none, "dim");
    auto* column = new QVBoxLayout(this);
    column->addWidget(m_typed);
    column->addWidget(m_list, 1);
    column->addWidget(m_none, 1);
    connect(m_typed, &QLineEdit::textChanged, this, &Finder::narrow);
    connect(m_typed, &QLineEdit::returnPressed, this, &Finder::choose);
    connect(m_list, &QListWidget::itemClicked, this, &Finder::choose);
    narrow({});
}

void Finder::paintEvent(QPaintEvent*)
{
    const auto& p = jolly::app::palette();
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setPen(p.straw);
    painter.setBrush(p.card);
    painter.drawRoundedRect(QRectF(rect()).adjusted(0.5, 0.5, -0.5, -0.5), kRadius, kRadius);
}

void Finder::open()
{
    const auto* window = parentWidget();
    auto* veil = new Veil(*parentWidget());
    connect(this, &QObject::destroyed, veil, &QObject::deleteLater);
    resize(std::min(680, window->width() - 40), std::min(460, window->height() - 100));
    move(window->mapToGlobal(QPoint((window->width() - width()) / 2, 60)));
    show();
    m_typed->setFocus();
}

void Finder::narrow(const QString& typed)
{
    m_list->clear();
    const auto places = findIn(m_all, typed);
    for (std::size_t i = 0; i < std::min(places.size(), kMostShown); ++i) {
        const auto& found = m_all[places[i]];
        auto* item = new QListWidgetItem(found.words, m_list);
        item->setData(Qt::UserRole, static_cast<int>(places[i]));
        item->setData(kKindRole, found.kind);
        item->setData(kKeysRole, found.keys);
        item->setData(kAboutRole, found.about);
        if (!found.picture.isNull()) item->setData(Qt::DecorationRole, found.picture);
        item->setData(Qt::AccessibleTextRole,
                      QStringList{found.words, found.about, found.kind, found.keys}.join(
                          QStringLiteral(", ")));
    }
    m_list->setCurrentRow(0);
    m_list->setVisible(!places.empty());
    m_none->setVisible(places.empty());
    if (places.empty())
        m_none->setText(
            tr("Nothing here is called \"%1\". Fewer letters find more.").arg(typed.trimmed()));
}

void Finder::choose()
{
    const auto* item = m_list->currentItem();
    if (!item) return;
    const auto go = m_all[static_cast<std::size_t>(item->data(Qt::UserRole).toInt())].go;
    close();
    go();
}

bool Finder::eventFilter(QObject* watched, QEvent* event)
{
    if (event->type() == QEvent::KeyPress) {
        const int key = static_cast<QKeyEvent*>(event)->key();
        const int page = std::max(1, m_list->height() / kRow - 1);
        const int by = key == Qt::Key_Down       ? 1
                       : key == Qt::Key_Up       ? -1
                       : key == Qt::Key_PageDown ? page
                       : key == Qt::Key_PageUp   ? -page
                                                 : 0;
        if (by != 0 && m_list->count() > 0) {
            m_list->setCurrentRow(std::clamp(m_list->currentRow() + by, 0, m_list->count() - 1));
            return true;
        }
    }
    return QFrame::eventFilter(watched, event);
}

}  // namespace jolly::app
