// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/listen/chord_field.h"

#include "app/listen/key_codes.h"
#include "app/style/theme.h"

#include <QHBoxLayout>
#include <QKeyEvent>
#include <QPushButton>
#include <algorithm>

namespace jolly::app
{

ChordField::ChordField(Studio& studio, QWidget* parent)
    : QWidget(parent), m_studio(studio), m_words(new QLabel(this))
{
    setObjectName(QStringLiteral("chord field"));
    setFocusPolicy(Qt::StrongFocus);
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(0, 0, 0, 0);
    setTone(*m_words, "straw");
    auto* cancel = new QPushButton(tr("Give up"), this);
    cancel->setObjectName(QStringLiteral("give up keys"));
    cancel->setFocusPolicy(Qt::NoFocus);
    connect(
        cancel, &QPushButton::clicked, this, [this] { stop(); }, Qt::QueuedConnection);
    row->addWidget(m_words, 1);
    row->addWidget(cancel);
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
    m_studio.setListener(this);
    setFocus();
    grabKeyboard();
    showState();
}

void ChordField::stop()
{
    if (!m_isListening) return;
    m_isListening = false;
    releaseKeyboard();
    if (m_studio.listener() == this) m_studio.setListener(nullptr);
    Q_EMIT givenUp();
}

/// Shortcuts and the keys that move the focus are keys like others here.
bool ChordField::event(QEvent* event)
{
    if (!m_isListening) return QWidget::event(event);
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
        return m_studio.refuse(tr("That key cannot be told from others. Press another one."));
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
    const auto keys = m_keys;
    m_isListening = false;
    releaseKeyboard();
    if (m_studio.listener() == this) m_studio.setListener(nullptr);
    Q_EMIT recorded(keys);
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
    if (event->reason() == Qt::ActiveWindowFocusReason) stop();
}

void ChordField::showState()
{
    m_words->setText(m_keys.empty() ? tr("Press the keys together, then let go.")
                                    : chordText({.keys = m_keys}));
}

QString chordText(const Chord& chord)
{
    QStringList names;
    for (const auto key : pressOrder(chord)) names << keyName(key);
    return names.join(QStringLiteral(" + "));
}

}  // namespace jolly::app
