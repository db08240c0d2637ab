// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/services/language.h"

#include "app/services/data_files.h"

#include <QCoreApplication>
#include <QDir>
#include <QFileInfo>
#include <QLocale>

namespace jolly::app
{

namespace
{

QString folder()
{
    return dataFile(QStringLiteral("translations"));
}

/// The letter with a mark on it, where there is one.
QChar marked(QChar letter)
{
    static const QString kPlain = QStringLiteral("aeiouyAEIOUYcnsz");
    static const QString kMarked = QStringLiteral("åéîöüýÅÉÎÖÜÝçñšž");
    const auto place = kPlain.indexOf(letter);
    return place < 0 ? letter : kMarked[place];
}

}  // namespace

QString LongWords::translate(const char*, const char* source, const char*, int) const
{
    const auto text = QString::fromUtf8(source);
    QString longer;
    bool isMarkup = false;
    qsizetype letters = 0;
    for (qsizetype i = 0; i < text.size(); ++i) {
        const auto letter = text[i];
        if (letter == QLatin1Char('<')) isMarkup = true;
        const bool isPlace = letter == QLatin1Char('%') && i + 1 < text.size();
        longer += isMarkup ? letter : marked(letter);
        if (isPlace) longer += text[++i];
        if (letter == QLatin1Char('>')) isMarkup = false;
        letters += letter.isLetter() ? 1 : 0;
    }
    if (letters == 0) return text;
    const bool isFilter = text.contains(QLatin1String("(*"));
    return isFilter ? text : longer + QString((letters * 2 + 4) / 5, QLatin1Char('~'));
}

QStringList languages()
{
    QStringList names;
    if (folder().isEmpty()) return names;
    const QString before = QStringLiteral("jolly-tangle_");
    for (const auto& file : QDir(folder()).entryInfoList({before + QStringLiteral("*.qm")}))
        names << file.completeBaseName().mid(before.size());
    return names;
}

QString speak(QCoreApplication& application, const QString& language)
{
    if (language == QLatin1String("en")) return {};
    if (language == kLongWords) {
        QCoreApplication::installTranslator(new LongWords(&application));
        return {};
    }
    auto* translator = new QTranslator(&application);
    const auto name = QStringLiteral("jolly-tangle");
    const bool isThere =
        !folder().isEmpty() &&
        (language.isEmpty() ? translator->load(QLocale(), name, QStringLiteral("_"), folder())
                            : translator->load(name + QLatin1Char('_') + language, folder()));
    if (isThere) {
        QCoreApplication::installTranslator(translator);
        return {};
    }
    delete translator;
    if (language.isEmpty()) return {};  // the system's, and there is none: that is no trouble
    return QCoreApplication::translate("Language",
                                       "There are no texts in the language \"%1\", so they are in "
                                       "English. Choose another one in the settings.")
        .arg(language);
}

}  // namespace jolly::app
