// SPDX-License-Identifier: GPL-3.0-or-later
#include "contrast.h"
#include "fits.h"

#include "app/services/language.h"
#include "app/style/palette.h"
#include "demo_scene.h"

#include <gmock/gmock.h>

namespace jolly::test
{
namespace
{

constexpr QSize kSizes[] = {{960, 600}, {1024, 768}, {1280, 800}, {1600, 900}, {2560, 1440}};
constexpr Rail::Page kPages[] = {Rail::Rig, Rail::Weave, Rail::Shape, Rail::Layers, Rail::Bench};

/// The demo's window in one dress.
struct Dress {
    const char* name;
    bool isLight = false;
    bool hasLongWords = false;
    bool hasLongNames = false;
    bool isGerman = false;
};

class Fits : public testing::TestWithParam<Dress>
{
 protected:
    Fits()
    {
        useLight(GetParam().isLight);
        applyTheme(*qApp);
        if (GetParam().hasLongWords) QCoreApplication::installTranslator(&m_words);
        if (GetParam().isGerman) {
            EXPECT_TRUE(m_german.load(":/translations/jolly-tangle_de"));
            QCoreApplication::installTranslator(&m_german);
        }
        m_scene = std::make_unique<Scene>(false);
        if (GetParam().hasLongNames) giveLongNames();
        m_scene->window.showPage(Rail::Weave);
        m_scene->goLive();
        m_scene->select("skerry-stick", "ABS_X");
        m_scene->select("twinlever-q2", "ABS_X");
        m_scene->studio.stance().chooseLayer(m_scene->document.tangle().layers.back().id);
    }
    ~Fits() override
    {
        m_scene.reset();
        QCoreApplication::removeTranslator(&m_words);
        QCoreApplication::removeTranslator(&m_german);
        useLight(false);
        applyTheme(*qApp);
    }

    void giveLongNames()
    {
        const std::string more = " of the northern islands, the second one from the left";
        m_scene->document.edit("long names", [&](Tangle& tangle) {
            for (auto& controller : tangle.rig) {
                controller.alias += more;
                for (auto& control : controller.controls) control.label += more;
            }
            for (auto& device : tangle.devices) device.name += more;
            for (auto& strand : tangle.strands) {
                strand.name += more;
            }
            for (auto& function : tangle.functions) function.name += more;
            for (auto& layer : tangle.layers) layer.name += more;
            for (auto& craft : tangle.craft) craft.name += more;
            tangle.name += more;
        });
    }

    QStringList misfits(Rail::Page page, QSize size)
    {
        auto& window = m_scene->window;
        window.showPage(page);
        window.resize(size);
        m_scene->settle();
        m_scene->settle();
        QStringList all;
        if (window.size() != size)
            all << QStringLiteral("the window is %1x%2").arg(window.width()).arg(window.height());
        if (window.size() != size) all << tooWideIn(window, size.width() * 5 / 4);
        return all + misfitsIn(window);
    }

    LongWords m_words;
    QTranslator m_german;
    std::unique_ptr<Scene> m_scene;
};

TEST_P(Fits, NothingIsCutOffAfterAnotherControlIsChosen)
{
    m_scene->studio.stance().chooseLayer("base");
    m_scene->select("skerry-stick", "ABS_X");
    m_scene->select("twinlever-q2", "ABS_X");
    for (const auto& misfit : misfitsIn(m_scene->window)) ADD_FAILURE() << misfit.toStdString();
}

TEST_P(Fits, NothingIsCutOffOrOutsideOfItsCard)
{
    for (const auto size : kSizes) {
        for (const auto page : kPages) {
            for (const auto& misfit : misfits(page, size))
                ADD_FAILURE() << misfit.toStdString() << " (page " << page << " at " << size.width()
                              << "x" << size.height() << ")";
        }
    }
}

/// 4.5 is what WCAG 2.1 asks for; thin letters on a screen of single pixels keep a little less of
/// their colour.
TEST_P(Fits, EveryTextCanBeRead)
{
    constexpr double kLeast = 4.5;
    constexpr double kThin = 0.4;
    const double least = kLeast - (m_scene->window.devicePixelRatioF() < 2.0 ? kThin : 0.0);
    for (const auto page : kPages) {
        m_scene->window.showPage(page);
        m_scene->window.resize(1280, 800);
        m_scene->settle();
        for (const auto& bad : badlyReadIn(m_scene->window, least))
            ADD_FAILURE() << bad.toStdString() << " (page " << page << ")";
    }
}

/// What is painted takes its colours from the palette: text on whatever it may stand on.
TEST_P(Fits, ThePaletteCanBeRead)
{
    const auto& p = palette();
    const QColor grounds[] = {p.ground, p.bar, p.card, p.raised, p.well, p.strawDeep};
    for (const auto& text : {p.dim, p.text, p.strong, p.straw, p.sky, p.coral, p.mint, p.violet}) {
        for (const auto& ground : grounds)
            EXPECT_GE(contrastOf(text, ground), 4.5)
                << text.name().toStdString() << " on " << ground.name().toStdString();
    }
    EXPECT_GE(contrastOf(p.onStraw, p.straw), 4.5);
    for (const auto& ground : grounds) EXPECT_GE(contrastOf(p.slate, ground), 3.0);  // of shapes
}

INSTANTIATE_TEST_SUITE_P(InEveryDress, Fits,
                         testing::Values(Dress{"Dark"}, Dress{"Light", true},
                                         Dress{"LongWords", false, true},
                                         Dress{"LongNames", false, false, true},
                                         Dress{"German", false, false, false, true}),
                         [](const auto& dress) { return dress.param.name; });

}  // namespace
}  // namespace jolly::test
