// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/listen/chord_field.h"

#include "app/listen/drawn_keyboard.h"
#include "app/listen/key_codes.h"
#include "app/style/theme.h"
#include "app/style/wrap_layout.h"

#include <QKeyEvent>
#include <QVBoxLayout>
#include <algorithm>

namespace jolly::app
{

ChordField::ChordField(Selection& selection, Messages& messages, QWidget* parent)
    : QWidget(parent),
      m_selection(selection),
      m_messages(messages),
      m_words(new QLabel(this)),
      m_draw(new QPushButton(tr("Choose on a drawing"), this)),
      m_take(new QPushButton(tr("Take these keys"), this))
{
    setObjectName(QStringLiteral("chord field"));
    setFocusPolicy(Qt::StrongFocus);
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    auto* row = new WrapLayout(6);
    m_words->setWordWrap(true);
    setTone(*m_words, "straw");
    m_draw->setObjectName(QStringLiteral("draw keys"));
    m_draw->setFocusPolicy(Qt::NoFocus);
    connect(m_draw, &QPushButton::clicked, this, &ChordField::draw);
    m_take->setObjectName(QStringLiteral("take keys"));
    m_take->hide();
    connect(
        m_take, &QPushButton::clicked, this, [this] { take(m_keys); }, Qt::QueuedConnection);
    auto* cancel = new QPushButton(tr("Give up"), this);
    cancel->setObjectName(QStringLiteral("give up keys"));
    cancel->setFocusPolicy(Qt::NoFocus);
    connect(
        cancel, &QPushButton::clicked, this, [this] { stop(); }, Qt::QueuedConnection);
    column->addWidget(m_words);
    row->addWidget(m_draw);
    row->addWidget(m_take);
    row->addStretch();
    row->addWidget(cancel);
    column->addLayout(row);
    showState();
}

ChordField::~ChordField()
{
    stop();
}

void ChordField::listen()
{
    m_keys.clear();
    m_down.clear();
    m_isListening = true;
    m_selection.setListener(this);
    setFocus();
    grabKeyboard();
    showState();
}

void ChordField::draw()
{
    if (m_drawn) return;
    m_keys.clear();
    releaseKeyboard();
    if (m_selection.listener() == this) m_selection.setListener(nullptr);
    m_drawn = new DrawnKeyboard(this);
    static_cast<QVBoxLayout*>(layout())->insertWidget(1, m_drawn);
    connect(m_drawn, &DrawnKeyboard::chosenChanged, this, [this] {
        m_keys = m_drawn->chosen();
        showState();
    });
    m_draw->hide();
    m_take->show();
    showState();
}

void ChordField::stop()
{
    if (!m_isListening) return;
    m_isListening = false;
    releaseKeyboard();
    if (m_selection.listener() == this) m_selection.setListener(nullptr);
    Q_EMIT givenUp();
}

void ChordField::take(const std::vector<std::uint16_t>& keys)
{
    m_isListening = false;
    releaseKeyboard();
    if (m_selection.listener() == this) m_selection.setListener(nullptr);
    Q_EMIT recorded(keys);
}

/// Shortcuts and the keys that move the focus are keys like others here.
bool ChordField::event(QEvent* event)
{
    if (!m_isListening || m_drawn) return QWidget::event(event);
    switch (event->type()) {
        case QEvent::ShortcutOverride:
            event->accept();
            return true;
        case QEvent::KeyPress:
            press(*static_cast<QKeyEvent*>(event));
            return true;
        case QEvent::KeyRelease:
            release(*static_cast<QKeyEvent*>(event));
            return true;
        default:
            return QWidget::event(event);
    }
}

void ChordField::press(const QKeyEvent& event)
{
    if (event.isAutoRepeat()) return;
    const auto code = keyCodeOf(event);
    if (!code)
        return m_messages.refuse(tr("That key cannot be told from others. Press another one."));
    if (std::ranges::find(m_down, *code) == m_down.end()) m_down.push_back(*code);
    if (std::ranges::find(m_keys, *code) == m_keys.end() && m_keys.size() < Chord::kMost)
        m_keys.push_back(*code);
    showState();
}

void ChordField::release(const QKeyEvent& event)
{
    if (event.isAutoRepeat()) return;
    if (const auto code = keyCodeOf(event)) std::erase(m_down, *code);
    if (!m_down.empty() || m_keys.empty()) return;
    take(std::vector(m_keys));
}

void ChordField::hideEvent(QHideEvent* event)
{
    QWidget::hideEvent(event);
    stop();
}

/// Keys that were let go elsewhere would be waited for in vain.
void ChordField::focusOutEvent(QFocusEvent* event)
{
    QWidget::focusOutEvent(event);
    if (event->reason() == Qt::ActiveWindowFocusReason && !m_drawn) stop();
}

void ChordField::showState()
{
    m_take->setEnabled(!m_keys.empty());
    m_words->setText(!m_keys.empty() ? chordText({.keys = m_keys})
                     : m_drawn       ? tr("Click the keys that are pressed together.")
                                     : tr("Press the keys together, then let go."));
}

QString chordText(const Chord& chord)
{
    QStringList names;
    for (const auto key : pressOrder(chord)) names << keyName(key);
    return names.join(QStringLiteral(" + "));
}

}  // namespace jolly::app
