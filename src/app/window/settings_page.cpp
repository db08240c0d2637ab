// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/window/settings_page.h"
#include "app/style/qt_text.h"

#include "app/services/language.h"
#include "app/style/palette.h"
#include "app/style/scroll_column.h"
#include "app/style/theme.h"
#include "app/widgets/card.h"

#include <QCheckBox>
#include <QComboBox>
#include <QFormLayout>
#include <QKeyEvent>
#include <QLabel>
#include <QLocale>
#include <QPushButton>
#include <QSpinBox>

namespace jolly::app
{

namespace
{

constexpr int kCardWidth = 680;
constexpr int kFieldWidth = 260;

/// A list of words, each standing for a value of a setting.
QComboBox* makeChoice(const char* name, const std::vector<std::pair<QString, QString>>& choices,
                      const QString& now)
{
    auto* box = new QComboBox;
    box->setObjectName(QLatin1String(name));
    box->setMaximumWidth(kFieldWidth);
    for (const auto& [words, value] : choices) box->addItem(words, value);
    box->setCurrentIndex(std::max(0, box->findData(now)));
    return box;
}

}  // namespace

double loudnessOf(const QString& sensitivity)
{
    const double usual = TouchFinder::kLoud;
    if (sensitivity == QLatin1String("fine")) return usual / 2.0;
    return sensitivity == QLatin1String("firm") ? usual * 2.0 : usual;
}

SettingsPage::SettingsPage(Messages& messages, Selection& selection, Settings& settings,
                           const Autostart& autostart, bool speaks, QWidget* parent)
    : QWidget(parent),
      m_messages(messages),
      m_selection(selection),
      m_settings(settings),
      m_autostart(autostart),
      m_form(new QFormLayout)
{
    setObjectName(QStringLiteral("settings"));
    auto* card = new Card;
    card->setMaximumWidth(kCardWidth);
    auto* column = new QVBoxLayout(card);
    column->setContentsMargins(24, 20, 24, 20);
    column->setSpacing(16);
    auto* title = new QLabel(tr("Settings"));
    title->setFont(textFont(TextSize::Head, true));
    setTone(*title, "title");
    column->addWidget(title);
    m_form->setHorizontalSpacing(20);
    m_form->setVerticalSpacing(14);
    m_form->setLabelAlignment(Qt::AlignLeft | Qt::AlignTop);
    m_form->setRowWrapPolicy(QFormLayout::WrapLongRows);
    column->addLayout(m_form);
    addLanguage();
    addColours();
    addTouch();
    addRecorder();
    addVoice(speaks);
    addSession();
    auto* back = new QPushButton(tr("Back to the desk"));
    back->setObjectName(QStringLiteral("settings done"));
    connect(back, &QPushButton::clicked, this, &SettingsPage::done);
    column->addWidget(back, 0, Qt::AlignLeft);
    auto* scroll = new ScrollColumn("settings scroll", 0);
    scroll->column().addWidget(card);
    scroll->column().addStretch();
    auto* all = new QHBoxLayout(this);
    all->setContentsMargins(20, 16, 12, 12);
    all->addWidget(scroll);
}

void SettingsPage::addRow(const QString& label, QWidget* field, const QString& meaning)
{
    auto* name = new QLabel(label);
    name->setBuddy(field);
    setTone(*name, "title");
    field->setAccessibleName(label);
    field->setAccessibleDescription(meaning);
    auto* both = new QVBoxLayout;
    both->setSpacing(3);
    auto* words = new QLabel(meaning);
    words->setFont(textFont(TextSize::Small));
    words->setWordWrap(true);
    setTone(*words, "dim");
    both->addWidget(field);
    both->addWidget(words);
    m_form->addRow(name, both);
}

void SettingsPage::addLanguage()
{
    std::vector<std::pair<QString, QString>> choices{
        {tr("As the desktop has it"), QString()},
        {QStringLiteral("English"), QStringLiteral("en")}};
    for (const auto& language : languages())
        choices.emplace_back(QLocale(language).nativeLanguageName(), language);
    auto* box = makeChoice("language setting", choices, m_settings.get(settings::kLanguage));
    connect(box, &QComboBox::activated, this, [this, box] {
        m_settings.set(settings::kLanguage, box->currentData().toString());
        m_messages.say(tr("The language changes when Jolly Tangle is opened again."));
    });
    addRow(tr("Language"), box, tr("Holds from the next start."));
}

void SettingsPage::showColours(bool isLight)
{
    if (auto* box = findChild<QComboBox*>(QStringLiteral("colours setting")))
        box->setCurrentIndex(
            box->findData(isLight ? QStringLiteral("light") : QStringLiteral("dark")));
}

void SettingsPage::addColours()
{
    auto* box =
        makeChoice("colours setting",
                   {{tr("Dark"), QStringLiteral("dark")}, {tr("Light"), QStringLiteral("light")}},
                   isLight() ? QStringLiteral("light") : QStringLiteral("dark"));
    connect(box, &QComboBox::activated, this, [this, box] {
        Q_EMIT coloursChosen(box->currentData().toString() == QLatin1String("light"));
    });
    addRow(tr("Colours"), box,
           tr("Dark is easy on the eyes beside a sim; light is for a bright room."));
}

void SettingsPage::addTouch()
{
    auto* box = makeChoice("touch setting",
                           {{tr("A light touch"), QStringLiteral("fine")},
                            {tr("Usual"), QString()},
                            {tr("A firm move"), QStringLiteral("firm")}},
                           m_settings.get(settings::kTouch));
    connect(box, &QComboBox::activated, this, [this, box] {
        const auto chosen = box->currentData().toString();
        m_settings.set(settings::kTouch, chosen);
        m_selection.setTouchLoudness(loudnessOf(chosen));
    });
    addRow(tr("What counts as a touch"), box,
           tr("How far a lever has to go to be selected: 3, 6 or 12 percent of its travel. "
              "Choose a firm move when worn levers select themselves."));
}

void SettingsPage::addRecorder()
{
    auto* minutes = new QSpinBox;
    minutes->setObjectName(QStringLiteral("recorder setting"));
    minutes->setRange(Settings::kLeastMinutes, Settings::kMostMinutes);
    minutes->setValue(m_settings.recorderMinutes());
    minutes->setSuffix(tr(" min"));
    minutes->setMaximumWidth(kFieldWidth);
    connect(minutes, &QSpinBox::valueChanged, this,
            [this](int value) { m_settings.set(settings::kRecorderMinutes, value); });
    addRow(tr("Flight recorder"), minutes,
           tr("How long it looks back, in memory: about 9 MB for 15 minutes of four busy "
              "controllers. Holds from the next start of the engine."));
}

void SettingsPage::addVoice(bool speaks)
{
    m_speaks = new QCheckBox(tr("Speak layers as they change"));
    m_speaks->setObjectName(QStringLiteral("voice setting"));
    m_speaks->setEnabled(speaks);
    connect(m_speaks, &QCheckBox::clicked, this, &SettingsPage::speakingChosen);
    addRow(tr("Spoken words"), m_speaks,
           speaks ? tr("By the desktop's voice, so that the eyes stay on the sim.")
                  : tr("Install the package speech-dispatcher to hear them."));
}

void SettingsPage::addSession()
{
    m_starts = new QCheckBox(tr("Start with the session"));
    m_starts->setObjectName(QStringLiteral("session setting"));
    connect(m_starts, &QCheckBox::clicked, this, &SettingsPage::setAutostart);
    addRow(tr("At login"), m_starts,
           tr("In the background, idle, with the last tangle. Nothing goes live by itself."));
}

void SettingsPage::setAutostart(bool isOn)
{
    const auto done = m_autostart.set(isOn);
    if (!done) m_messages.refuse(toQt(done.error().text()));
    m_starts->setChecked(m_autostart.isOn());
}

void SettingsPage::showEvent(QShowEvent*)
{
    m_speaks->setChecked(m_settings.get(settings::kSpeaksLayers));
    m_starts->setChecked(m_autostart.isOn());
}

void SettingsPage::keyPressEvent(QKeyEvent* event)
{
    if (event->key() != Qt::Key_Escape) return QWidget::keyPressEvent(event);
    Q_EMIT done();
}

}  // namespace jolly::app
