// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/style/theme.h"

#include "app/style/own_style.h"
#include "app/style/palette.h"

#include <QApplication>
#include <QPalette>
#include <QStyle>
#include <QWidget>
#include <utility>

namespace jolly::app
{

namespace
{

constexpr double kPoints[] = {8.25, 9.0, 10.5, 13.5};

QPalette qtPalette()
{
    const auto& p = palette();
    QPalette q;
    q.setColor(QPalette::Window, p.ground);
    q.setColor(QPalette::WindowText, p.text);
    q.setColor(QPalette::Base, p.well);
    q.setColor(QPalette::AlternateBase, p.card);
    q.setColor(QPalette::Text, p.text);
    q.setColor(QPalette::Button, p.raised);
    q.setColor(QPalette::ButtonText, p.text);
    q.setColor(QPalette::Highlight, p.straw);
    q.setColor(QPalette::HighlightedText, p.onStraw);
    q.setColor(QPalette::PlaceholderText, p.dim);
    q.setColor(QPalette::ToolTipBase, p.raised);
    q.setColor(QPalette::ToolTipText, p.text);
    q.setColor(QPalette::Disabled, QPalette::Text, p.faint);
    q.setColor(QPalette::Disabled, QPalette::ButtonText, p.faint);
    return q;
}

constexpr const char* kSheet = R"(
QWidget { color: @text; }
QLabel { background: transparent; }
QLabel[tone="dim"] { color: @dim; }
QLabel[tone="straw"] { color: @straw; }
QLabel[tone="coral"] { color: @coral; }
QLabel[tone="mint"] { color: @mint; }
QDialog { background: @card; }
QLabel[tone="title"] { color: @strong; }
QFrame[tone="notice"] { background: @raised; border: 1px solid @straw; border-radius: 10px; }
QScrollArea, QScrollArea > QWidget > QWidget#scrolled { background: transparent; border: 0; }
QScrollBar:vertical { background: transparent; width: 8px; margin: 0; }
QScrollBar::handle:vertical { background: @line; border-radius: 4px; min-height: 30px; }
QScrollBar:horizontal { background: transparent; height: 8px; margin: 0; }
QScrollBar::handle:horizontal { background: @line; border-radius: 4px; min-width: 30px; }
QScrollBar::add-line, QScrollBar::sub-line { height: 0; width: 0; }
QPushButton { background: @raised; border: 1px solid @line; border-radius: 12px; padding: 4px 11px; min-height: 16px; }
QPushButton:hover { border-color: @dim; }
QPushButton:focus { border-color: @straw; }
QPushButton:checked { border-color: @straw; color: @straw; }
QPushButton:disabled { color: @faint; }
QPushButton[tone|="plain"] { background: transparent; border: 1px solid transparent; border-radius: 6px; padding: 1px 6px; }
QPushButton::menu-indicator { image: none; }
QPushButton[tone="chip"] { padding: 3px 7px; }
QPushButton[tone="key"] { padding: 3px 0; border-radius: 5px; min-width: 4px; }
QPushButton[tone|="plain"]:hover, QPushButton[tone|="plain"]:focus { border-color: @line; }
QPushButton[tone|="plain"]:focus { border-color: @straw; }
QPushButton[tone="plain-straw"] { color: @straw; }
QPushButton[tone="plain-coral"] { color: @coral; }
QLineEdit, QSpinBox, QDoubleSpinBox, QComboBox, QPlainTextEdit { background: @well; border: 1px solid @line; border-radius: 6px; padding: 3px 6px; selection-background-color: @straw; selection-color: @onStraw; }
QLineEdit:focus, QSpinBox:focus, QDoubleSpinBox:focus, QComboBox:focus { border-color: @straw; }
QSpinBox::up-button, QSpinBox::down-button, QDoubleSpinBox::up-button, QDoubleSpinBox::down-button { width: 0; border: 0; }
QComboBox::drop-down { border: 0; width: 18px; }
QComboBox::down-arrow { width: 0; height: 0; border-left: 4px solid @well; border-right: 4px solid @well; border-top: 5px solid @dim; margin-right: 6px; }
QComboBox QLineEdit { border: 0; padding: 0; background: transparent; }
QToolButton { background: @raised; border: 1px solid @line; border-radius: 9px; padding: 2px; min-width: 16px; min-height: 16px; color: @dim; }
QToolButton:hover { border-color: @dim; color: @strong; }
QToolButton:focus { border-color: @straw; }
QToolButton[tone="plain"] { background: transparent; border-color: transparent; }
QToolButton[tone="plain"]:hover { border-color: @line; }
QToolButton[tone="plain"]:focus { border-color: @straw; }
QToolButton::menu-indicator { image: none; }
QComboBox QAbstractItemView, QMenu, QListWidget { background: @raised; border: 1px solid @line; padding: 4px; outline: 0; }
QMenu::item { padding: 5px 22px 5px 14px; border-radius: 5px; }
QMenu::item:selected, QListWidget::item:selected { background: @strawDeep; color: @strong; }
QMenu::item:disabled { color: @faint; }
QMenu::indicator { width: 10px; height: 10px; left: 9px; border: 1.5px solid @dim; border-radius: 4px; background: @well; }
QMenu::indicator:checked { background: @straw; border-color: @straw; }
QMenu::separator { height: 1px; background: @line; margin: 4px 8px; }
QListWidget::item { padding: 6px; border-radius: 5px; }
QListView[tone="bare"] { background: transparent; border: 0; padding: 0; }
QTreeWidget { background: @well; border: 1px solid @line; border-radius: 6px; padding: 4px; outline: 0; }
QTreeWidget::item { padding: 5px 10px 5px 4px; }
QTreeWidget::item:selected { background: @strawDeep; color: @strong; }
QTreeWidget:focus { border-color: @straw; }
QHeaderView { background: @well; }
QHeaderView::section { background: @well; color: @dim; border: 0; border-bottom: 1px solid @line; padding: 4px 10px 4px 4px; }
QSpinBox:disabled { color: @dim; }
QSlider::groove:horizontal { background: @well; height: 6px; border-radius: 3px; }
QSlider::sub-page:horizontal { background: @straw; border-radius: 3px; }
QSlider::handle:horizontal { background: @strong; width: 14px; height: 14px; margin: -4px 0; border-radius: 7px; }
QSlider::handle:horizontal:focus { background: @straw; }
QToolTip { background: @raised; color: @text; border: 1px solid @line; padding: 4px; }
QCheckBox:focus { color: @straw; }
)";

QString sheet()
{
    const auto& p = palette();
    QString text = QLatin1String(kSheet);
    const std::pair<const char*, QColor> names[] = {{"@strawDeep", p.strawDeep},
                                                    {"@onStraw", p.onStraw},
                                                    {"@straw", p.straw},
                                                    {"@strong", p.strong},
                                                    {"@mint", p.mint},
                                                    {"@raised", p.raised},
                                                    {"@coral", p.coral},
                                                    {"@faint", p.faint},
                                                    {"@line", p.line},
                                                    {"@text", p.text},
                                                    {"@well", p.well},
                                                    {"@card", p.card},
                                                    {"@dim", p.dim}};
    for (const auto& [name, colour] : names) text.replace(QLatin1String(name), colour.name());
    return text;
}

}  // namespace

QFont textFont(TextSize size, bool isBold)
{
    QFont font(QStringLiteral("Inter"));
    font.setPointSizeF(kPoints[static_cast<int>(size)]);
    font.setWeight(isBold ? QFont::DemiBold : QFont::Normal);
    return font;
}

void applyTheme(QApplication& application)
{
    application.setStyle(new OwnStyle);
    application.setFont(textFont(TextSize::Normal));
    application.setPalette(qtPalette());
    application.setStyleSheet(sheet());
}

void setTone(QWidget& widget, const char* tone)
{
    if (widget.property("tone").toByteArray() == tone) return;
    widget.setProperty("tone", tone);
    widget.style()->unpolish(&widget);
    widget.style()->polish(&widget);
}

}  // namespace jolly::app
