// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/services/language.h"
#include "app/style/qt_text.h"
#include "core/tangle/roles.h"
#include "core/tangle/stage_list.h"
#include "core/value/percent.h"
#include "core/weave/weave.h"
#include "demo_scene.h"

#include <gmock/gmock.h>

#include <QDir>
#include <QFile>
#include <QProcess>
#include <QRegularExpression>
#include <QTemporaryDir>
#include <QXmlStreamReader>
#include <map>
#include <utility>

namespace jolly::test
{
namespace
{

using namespace app;
using testing::Contains;
using testing::IsEmpty;

/// The texts of a file of translations, by context and English; each has one translation, or one
/// for each way to count.
using Texts = std::map<std::pair<QString, QString>, QStringList>;

Texts readTexts(const QString& path)
{
    QFile file(path);
    EXPECT_TRUE(file.open(QIODevice::ReadOnly)) << path.toStdString();
    QXmlStreamReader xml(&file);
    Texts texts;
    QString context, source;
    while (!xml.atEnd()) {
        if (xml.readNext() != QXmlStreamReader::StartElement) continue;
        if (xml.name() == QLatin1String("name")) context = xml.readElementText();
        if (xml.name() == QLatin1String("source")) texts[{context, source = xml.readElementText()}];
        if (xml.name() == QLatin1String("translation")) {
            const bool isOpen = xml.attributes().value("type") == QLatin1String("unfinished");
            QStringList forms;
            QString text;
            while (!(xml.readNext() == QXmlStreamReader::EndElement &&
                     xml.name() == QLatin1String("translation"))) {
                if (xml.isStartElement()) forms << xml.readElementText();
                if (xml.isCharacters()) text += xml.text();
            }
            if (forms.isEmpty()) forms << text;
            texts[{context, source}] = isOpen ? QStringList() : forms;
        }
    }
    EXPECT_FALSE(xml.hasError()) << xml.errorString().toStdString();
    return texts;
}

QString fileOf(const QString& language)
{
    return QStringLiteral(JOLLY_SOURCE_DIR "/src/app/translations/jolly-tangle_%1.ts")
        .arg(language);
}

/// What lupdate finds in the code as it is, and what it complains of.
std::pair<Texts, QString> collectTexts()
{
    const QTemporaryDir folder;
    const auto file = folder.filePath("texts.ts");
    QProcess update;
    update.setWorkingDirectory(JOLLY_SOURCE_DIR);
    update.start("tools/languages", {file});
    EXPECT_TRUE(update.waitForFinished(120000));
    return {readTexts(file), QString::fromUtf8(update.readAllStandardError())};
}

/// "%1", "%n" and the like, sorted.
QStringList placesIn(const QString& text)
{
    static const QRegularExpression kPlace(QStringLiteral("%(?:L?\\d|n)"));
    QStringList places;
    for (auto all = kPlace.globalMatch(text); all.hasNext();) places << all.next().captured();
    places.sort();
    return places;
}

/// Whether a translation has all places of a text; one for a single thing may leave out the count.
bool hasPlaces(const QString& text, const QStringList& forms, qsizetype form)
{
    auto wanted = placesIn(text);
    auto there = placesIn(forms[form]);
    if (forms.size() > 1 && form == 0) {
        wanted.removeAll("%n");
        there.removeAll("%n");
    }
    return wanted == there;
}

std::vector<std::string> faultsOf(const Texts& texts)
{
    std::vector<std::string> faults;
    for (const auto& [key, forms] : texts) {
        bool isFine = !forms.isEmpty();
        for (qsizetype form = 0; form < forms.size(); ++form)
            isFine = isFine && !forms[form].isEmpty() && hasPlaces(key.second, forms, form);
        if (!isFine) faults.push_back(key.second.toStdString());
    }
    return faults;
}

TEST(Languages, EveryTextOfTheCodeIsInGermanAndInItsPlace)
{
    const auto [texts, complaints] = collectTexts();
    EXPECT_TRUE(complaints.isEmpty()) << complaints.toStdString();
    EXPECT_GT(texts.size(), 2000U);
    const auto german = readTexts(fileOf("de"));
    for (const auto& [key, none] : texts)
        EXPECT_TRUE(german.contains(key)) << "run tools/languages: " << key.second.toStdString();
    for (const auto& [key, forms] : german)
        EXPECT_TRUE(texts.contains(key)) << "no longer said: " << key.second.toStdString();
}

TEST(Languages, GermanIsCompleteWithAllPlaces)
{
    EXPECT_THAT(faultsOf(readTexts(fileOf("de"))), IsEmpty());
    EXPECT_THAT(faultsOf(readTexts(fileOf("en"))), IsEmpty());
}

TEST(Languages, AFaultyTranslationIsFound)
{
    const Texts planted{
        {{"a", "%1 of %2"}, {"%1 von 2"}}, {{"a", "left"}, {}}, {{"a", "ok"}, {"gut"}}};
    EXPECT_THAT(faultsOf(planted), testing::ElementsAre("%1 of %2", "left"));
}

class GermanTest : public testing::Test
{
 protected:
    GermanTest()
    {
        EXPECT_TRUE(m_german.load(":/translations/jolly-tangle_de"));
        QCoreApplication::installTranslator(&m_german);
    }
    ~GermanTest() override { QCoreApplication::removeTranslator(&m_german); }

    QTranslator m_german;
};

TEST_F(GermanTest, TheWindowSpeaksItAndCountsInIt)
{
    Scene scene(false);
    const auto words = [&] {
        std::vector<std::string> all;
        for (const auto* label : scene.window.findChildren<QLabel*>())
            all.push_back(label->text().toStdString());
        for (const auto* button : scene.window.findChildren<QAbstractButton*>())
            all.push_back(button->text().toStdString());
        return all;
    };
    EXPECT_THAT(words(), Contains("Flechten"));
    EXPECT_THAT(words(), Contains("Prüfstand"));
    scene.window.showPage(Rail::Layers);
    EXPECT_THAT(words(), Contains(testing::MatchesRegex("[0-9]+ Stränge.*")));
    EXPECT_EQ(QCoreApplication::translate("jolly::app::StackList", "%n strand(s)", nullptr, 1),
              "1 Strang");
}

TEST_F(GermanTest, WhatTheCoreSaysIsInItToo)
{
    const QLocale before;
    QLocale::setDefault(QLocale(QLocale::German));
    Tangle tangle = Scene(false).studio.tangle();
    tangle.strands[0].name = "gear %1";
    tangle.strands[0].ends.clear();
    tangle.strands[1].layer = "none";
    const auto problems = findProblems(tangle);
    const auto says = [&](std::string_view path) {
        const auto found = std::ranges::find(problems, path, &Problem::path);
        return found == problems.end() ? QString() : toQt(found->sentence);
    };
    EXPECT_EQ(says("/strands/0/ends"), QStringLiteral("Strang „gear %1“ endet nirgends."));
    EXPECT_TRUE(
        says("/strands/1/layer")
            .endsWith(QStringLiteral("ist in der Ebene „none“, die das Geflecht nicht hat.")));
    EXPECT_EQ(toQt(percent(0.031)), QStringLiteral("3,1 %"));
    EXPECT_EQ(toQt(several("%n axis", "%n axes", 1)), QStringLiteral("1 Achse"));
    EXPECT_EQ(toQt(several("%n axis", "%n axes", 4)), QStringLiteral("4 Achsen"));
    EXPECT_EQ(toQt(say("%1 of %2", Sentence::ourWord("left"), std::string("left"))),
              QStringLiteral("links von left"));
    QLocale::setDefault(before);
}

TEST(Languages, StagesAreInGermanWithAllThatTheyAreAskedFor)
{
    const auto german = readTexts(fileOf("de"));
    const auto expect = [&](Words words) {
        const auto text = QString::fromStdString(std::string(words));
        EXPECT_TRUE(text.isEmpty() || german.contains({"core", text})) << text.toStdString();
    };
    StageList::forEach([&](const auto& kind) {
        expect(kind.kInfo.name);
        expect(kind.kInfo.sentence);
        kind.fields(kind, [&](const auto& spec, const auto&) {
            expect(spec.label);
            if constexpr (requires { spec.unit; }) expect(spec.unit);
            if constexpr (requires { spec.ways; }) std::ranges::for_each(spec.ways, expect);
        });
    });
    for (const auto& role : knownRoles()) expect(role.name);
}

TEST(Languages, EnglishCountsToo)
{
    const auto strands = [](int n) {
        return QCoreApplication::translate("jolly::app::StackList", "%n strand(s)", nullptr, n);
    };
    EXPECT_EQ(strands(1), "1 strand");
    EXPECT_EQ(strands(12), "12 strands");
}

}  // namespace
}  // namespace jolly::test
