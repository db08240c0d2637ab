// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QString>
#include <QStringList>
#include <QTranslator>

class QCoreApplication;

namespace jolly::app
{

/// Every text two fifths longer, with marks on its letters: shows which texts cannot be
/// translated, and which places are too narrow for a language of long words.
class LongWords : public QTranslator
{
 public:
    using QTranslator::QTranslator;

    [[nodiscard]] QString translate(const char* context, const char* source,
                                    const char* disambiguation, int n) const override;
    [[nodiscard]] bool isEmpty() const override { return false; }
};

/// Chosen by this name in place of a language.
inline const QString kLongWords = QStringLiteral("long-words");

/// The languages that there are besides English, as "de": those of the program itself, and files
/// translations/jolly-tangle_XX.qm among its data.
[[nodiscard]] QStringList languages();

/// Has the program speak a language from now on; before any text is shown.
///
/// @param language  "en", one of languages(), kLongWords, or empty for the system's.
/// @return what is to be said when it is not there; English is spoken then.
[[nodiscard]] QString speak(QCoreApplication& application, const QString& language);

}  // namespace jolly::app
