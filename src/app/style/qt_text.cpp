// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/style/qt_text.h"

#include <QCoreApplication>
#include <QLocale>

namespace jolly::app
{

namespace
{

/// The texts of the core as tools/languages collects them: in a context of their own.
constexpr const char* kCore = "core";

/// The language that the window was started in.
class WindowLanguage : public Language
{
 public:
    std::string textOf(std::string_view english) const override
    {
        return QCoreApplication::translate(kCore, std::string(english).c_str()).toStdString();
    }

    std::string textOf(std::string_view one, std::string_view many,
                       std::int64_t count) const override
    {
        const std::string key(one);
        const auto text =
            QCoreApplication::translate(kCore, key.c_str(), nullptr, static_cast<int>(count));
        const auto untranslated = QString::fromStdString(key).replace("%n", QString::number(count));
        if (text != untranslated || count == 1) return text.toStdString();
        return QString::fromUtf8(many.data(), static_cast<qsizetype>(many.size()))
            .replace("%n", QLocale().toString(static_cast<qlonglong>(count)))
            .toStdString();
    }

    std::string numberOf(const std::string& number) const override
    {
        return QString::fromStdString(number).replace('.', QLocale().decimalPoint()).toStdString();
    }

    std::string capitalOf(std::string text) const override
    {
        auto capital = QString::fromStdString(text);
        if (!capital.isEmpty()) capital[0] = capital[0].toUpper();
        return capital.toStdString();
    }
};

}  // namespace

QString toQt(const Sentence& sentence)
{
    static const WindowLanguage kLanguage;
    return QString::fromStdString(sentence.in(kLanguage));
}

}  // namespace jolly::app
