// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QByteArray>
#include <QObject>
#include <QPoint>
#include <QSettings>
#include <QStringList>

namespace jolly::app
{

/// One thing that the window remembers: its key in the file, and what it is until it is chosen.
template <class T>
struct Setting {
    const char* key;
    T atFirst{};
};

/// All of them.
namespace settings
{

inline const Setting<QStringList> kRecentTangles{"recent tangles"};  ///< the last one first
inline const Setting<QString> kPage{"page"};                         ///< "weave"
inline const Setting<QString> kSelected{"selected"};                 ///< "skerry-stick ABS_X"
inline const Setting<QByteArray> kWindow{"window place"};
inline const Setting<bool> kFollowsTouch{"follow touch", true};
inline const Setting<QString> kWorld{"world", QStringLiteral("kernel")};
inline const Setting<QString> kLanguage{"language"};        ///< "de"; empty: the system's
inline const Setting<QString> kColours{"colours"};          ///< "light" or "dark"; empty: dark
inline const Setting<QString> kTouch{"touch sensitivity"};  ///< "fine" or "firm"; empty: usual
inline const Setting<int> kRecorderMinutes{"recorder minutes", 15};
inline const Setting<bool> kStripShown{"strip shown"};
inline const Setting<QPoint> kStripPlace{"strip place", {40, 40}};
inline const Setting<bool> kSpeaksLayers{"speak layers"};
inline const Setting<bool> kFirstSteps{"first steps", true};

}  // namespace settings

/// What the window remembers from one start to the next. What cannot be read is as at first; what
/// cannot be written holds until the window closes, and is told once.
class Settings : public QObject
{
    Q_OBJECT

 public:
    static constexpr int kVersion = 1;
    static constexpr qsizetype kMostRecent = 10;
    static constexpr int kLeastMinutes = 1;
    static constexpr int kMostMinutes = 120;

    /// @param file  where it is kept; see usualFile().
    explicit Settings(const QString& file, QObject* parent = nullptr);

    /// In the person's folder for settings.
    [[nodiscard]] static QString usualFile();

    template <class T>
    [[nodiscard]] T get(const Setting<T>& setting) const
    {
        auto value = m_store.value(QLatin1String(setting.key));
        const bool isGood = value.isValid() && value.convert(QMetaType::fromType<T>());
        return isGood ? value.template value<T>() : setting.atFirst;
    }

    template <class T>
    void set(const Setting<T>& setting, const T& value)
    {
        if (get(setting) == value && m_store.contains(QLatin1String(setting.key))) return;
        m_store.setValue(QLatin1String(setting.key), QVariant::fromValue(value));
        write();
    }

    /// Puts a tangle first among the recent ones.
    void rememberTangle(const QString& path);
    void forgetTangle(const QString& path);

    /// The recorder's minutes, within what an engine takes.
    [[nodiscard]] int recorderMinutes() const;

    /// What was wrong with the file when it was read; empty when nothing was.
    [[nodiscard]] const QString& trouble() const { return m_trouble; }

 Q_SIGNALS:
    void recentChanged();
    void warned(const QString& sentence);

 private:
    void write();

    QSettings m_store;
    QString m_trouble;
    bool m_hasWarned = false;
};

}  // namespace jolly::app
