// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/services/language.h"

#include "app/services/data_files.h"

#include <QCoreApplication>
#include <QDir>
#include <QFileInfo>
#include <QLocale>
#include <algorithm>

namespace jolly::app
{

namespace
{

/// Where texts are: in the program, and among its data for languages that others bring.
QStringList folders()
{
    return {QStringLiteral(":/translations"), dataFile(QStringLiteral("translations"))};
}

/// Installs the texts of a language. @return whether there are any.
bool install(QCoreApplication& application, const QLocale& language)
{
    auto* translator = new QTranslator(&application);
    const auto isIn = [&](const QString& folder) {
        return !folder.isEmpty() && translator->load(language, QStringLiteral("jolly-tangle"),
                                                     QStringLiteral("_"), folder);
    };
    if (std::ranges::any_of(folders(), isIn))
        return QCoreApplication::installTranslator(translator);
    delete translator;
    return false;
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
    const QString before = QStringLiteral("jolly-tangle_");
    for (const auto& folder : folders()) {
        if (folder.isEmpty()) continue;
        for (const auto& file : QDir(folder).entryInfoList({before + QStringLiteral("*.qm")}))
            names << file.completeBaseName().mid(before.size());
    }
    names.removeAll(QStringLiteral("en"));
    names.removeDuplicates();
    return names;
}

QString speak(QCoreApplication& application, const QString& language)
{
    install(application, QLocale(QLocale::English));  // how it counts; what others lack is English
    if (language == QLatin1String("en")) return {};
    if (language == kLongWords) {
        QCoreApplication::installTranslator(new LongWords(&application));
        return {};
    }
    if (language.isEmpty()) {  // the system's; where there is none that is no trouble
        install(application, QLocale());
        return {};
    }
    if (languages().contains(language) && install(application, QLocale(language))) {
        QLocale::setDefault(QLocale(language));
        return {};
    }
    return QCoreApplication::translate("Language",
                                       "There are no texts in the language \"%1\", so they are in "
                                       "English. Choose another one in the settings.")
        .arg(language);
}

}  // namespace jolly::app
