// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/layers/footing_bar.h"
#include "app/pages/column_plan.h"
#include "app/pages/shape_page.h"
#include "app/shape/axis_list.h"
#include "app/shape/feel_bar.h"
#include "app/shape/stage_stack.h"
#include "app/shape/strip_chart.h"
#include "app/strands/origin_bar.h"
#include "app/style/elided_label.h"
#include "app/style/theme.h"
#include "app/style/value_text.h"
#include "app/style/wrap_layout.h"
#include "app/widgets/card.h"
#include "core/tangle/lookup.h"

#include <QHBoxLayout>
#include <QLabel>
#include <QPushButton>
#include <QVBoxLayout>

/// How the Shape page is laid out and wired.
namespace jolly::app
{

namespace
{

constexpr int kAroundPlot = 170;  ///< the head above it, words and buttons below
constexpr int kLeastPlot = 420;

QLabel* makeLabel(const char* name, const char* tone, bool isSmall = true)
{
    auto* label = new QLabel;
    label->setObjectName(QLatin1String(name));
    label->setWordWrap(true);
    if (isSmall) label->setFont(textFont(TextSize::Small));
    setTone(*label, tone);
    return label;
}

QLabel* makeTitle(const QString& words)
{
    auto* title = new QLabel(words);
    title->setFont(textFont(TextSize::Normal, true));
    setTone(*title, "title");
    return title;
}

/// A line for numbers that change while a handle is dragged: it lays nothing out anew.
ValueLabel* addValue(QVBoxLayout& column, const char* name)
{
    auto* row = new QHBoxLayout;
    row->setContentsMargins(6, 0, 6, 0);
    auto* value = new ValueLabel;
    value->setObjectName(QLatin1String(name));
    value->setFont(textFont(TextSize::Small));
    value->setColour(&Palette::dim);
    row->addWidget(value, 1);
    column.addLayout(row);
    return value;
}

}  // namespace

ShapePage::ShapePage(Studio& studio, AxisWatch& watch, QWidget* parent)
    : QWidget(parent), m_studio(studio), m_watch(watch), m_trace(studio.feed())
{
    setObjectName(QStringLiteral("shape"));
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(12, 12, 10, 10);
    row->setSpacing(12);
    m_leftSide = new Card;
    m_leftSide->setProperty("part", true);  // for F6
    auto* leftColumn = new QVBoxLayout(m_leftSide);
    leftColumn->setContentsMargins(8, 10, 4, 8);
    auto* title = makeTitle(tr("Axes"));
    title->setContentsMargins(6, 0, 0, 0);
    leftColumn->addWidget(title);
    leftColumn->addWidget(new FootingBar(studio.edits()));
    m_list = new AxisList(studio.edits(), studio.preflight());
    leftColumn->addWidget(m_list, 1);
    auto* middle = new QVBoxLayout;
    middle->setSpacing(6);
    buildMiddle(*middle);
    m_rightSide = new QWidget;
    m_rightSide->setProperty("part", true);
    m_right = new QVBoxLayout(m_rightSide);
    m_right->setContentsMargins(0, 0, 0, 0);
    m_right->setSpacing(8);
    m_origin = new OriginBar(studio.edits());
    m_right->addWidget(m_origin);
    buildRight(*m_right);
    row->addWidget(m_leftSide);
    row->addLayout(middle, 1);
    row->addWidget(m_rightSide);
    divide();
    wirePlot();
    connect(m_list, &AxisList::chosen, this, [this](const std::string& id) {
        choose(id);
        const auto* strand = shown();
        if (strand) m_studio.selection().select(strand->source);
    });
    connect(m_bar, &FeelBar::comparedChanged, this, &ShapePage::showUnder);
    connect(m_bar, &FeelBar::counterCurveWanted, this, &ShapePage::walkCounterCurve);
    connect(&studio.edits(), &Edits::settled, this, [this] {
        if (isVisible()) rebuild();
    });
    connect(&studio.selection(), &Selection::selectionChanged, this, [this] {
        if (isVisible()) followSelection();
    });
    connect(&studio.feed(), &LiveFeed::moved, this, [this] {
        if (!isVisible()) return;
        m_trace.takeMoves();
        showMeasured();
        showValues();
    });
    connect(&studio.document(), &Document::fileChanged, this, [this] {
        m_shown.reset();
        if (isVisible()) rebuild();
    });
}

void ShapePage::resizeEvent(QResizeEvent*)
{
    divide();
}

void ShapePage::divide()
{
    m_leftSide->setFixedWidth(sideWidth(width(), 184, 244, 300));
    m_rightSide->setFixedWidth(sideWidth(width(), 312, 348, 440));
    // The plot keeps its shape: a slope looks alike in every window.
    const int plot = height() - kAroundPlot;
    m_plot->setMaximumWidth(std::max(kLeastPlot, plot * 5 / 4));
}

void ShapePage::buildMiddle(QVBoxLayout& column)
{
    auto* head = new QHBoxLayout;
    m_name = new ElidedLabel;
    m_name->setObjectName(QStringLiteral("shape name"));
    m_name->setFont(textFont(TextSize::Head, true));
    setTone(*m_name, "title");
    m_way = new ElidedLabel;
    setTone(*m_way, "dim");
    head->addWidget(m_name);
    head->addWidget(m_way, 1);
    column.addLayout(head);
    m_plot = new ShapePlot;
    column.addWidget(m_plot, 1);
    m_under = makeLabel("under", "dim");
    m_under->setTextFormat(Qt::RichText);
    m_handle = makeLabel("handle", "straw");
    m_handle->hide();
    m_notes = makeLabel("notes", "coral");
    for (auto* label : {m_under, m_handle, m_notes}) label->setContentsMargins(6, 0, 6, 0);
    column.addWidget(m_under);
    m_slopes = addValue(column, "slopes");
    m_step = addValue(column, "smallest step");
    column.addWidget(m_handle);
    column.addWidget(m_notes);
    m_bar = new FeelBar(m_studio.edits(), m_studio.flown());
    column.addWidget(m_bar);
}

void ShapePage::buildRight(QVBoxLayout& column)
{
    auto* head = new QHBoxLayout;
    head->setContentsMargins(4, 0, 8, 0);
    head->addWidget(makeTitle(tr("Stages")));
    head->addStretch();
    m_shared = new ElidedLabel;
    m_shared->setObjectName(QStringLiteral("shared"));
    m_shared->setFont(textFont(TextSize::Small));
    setTone(*m_shared, "straw");
    head->addWidget(m_shared);
    column.addLayout(head);
    m_stack = new StageStack(m_studio.edits(), m_studio.selection());
    column.addWidget(m_stack, 1);
    auto* card = new Card;
    auto* strip = new QVBoxLayout(card);
    strip->setContentsMargins(12, 8, 12, 10);
    strip->setSpacing(6);
    buildStrip(*strip);
    column.addWidget(card);
}

void ShapePage::buildStrip(QVBoxLayout& column)
{
    auto* head = new WrapLayout(8);
    head->addWidget(makeTitle(tr("Last 10 seconds")));
    head->addStretch();
    auto* raw = makeLabel("raw", "dim");
    raw->setText(tr("thin: raw"));
    auto* shaped = makeLabel("shaped", "straw");
    shaped->setText(tr("thick: shaped"));
    for (auto* label : {raw, shaped}) {
        label->setWordWrap(false);
        head->addWidget(label);
    }
    column.addLayout(head);
    m_strip = new StripChart;
    column.addWidget(m_strip);
    m_stripSoon.setSingleShot(true);
    m_stripSoon.setInterval(
        std::chrono::duration_cast<std::chrono::milliseconds>(StripChart::kPixel));
    connect(&m_stripSoon, &QTimer::timeout, this, &ShapePage::showStrip);
    m_try = new QPushButton(tr("Try the old one (hold)"));
    m_try->setObjectName(QStringLiteral("try old"));
    m_try->setToolTip(
        tr("While you hold it, the axis is as it was when you chose it or saved last."));
    connect(m_try, &QPushButton::pressed, this, [this] { tryOld(true); });
    connect(m_try, &QPushButton::released, this, [this] { tryOld(false); });
    column.addWidget(m_try, 0, Qt::AlignLeft);
}

}  // namespace jolly::app
