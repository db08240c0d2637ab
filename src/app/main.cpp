// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/models/draft_keeper.h"
#include "app/style/qt_text.h"
#include "app/services/data_files.h"
#include "app/services/engine_process.h"
#include "app/services/language.h"
#include "app/style/palette.h"
#include "app/style/theme.h"
#include "app/window/main_window.h"
#include "app/window/tray.h"

#include <QApplication>
#include <QCommandLineParser>
#include <QElapsedTimer>
#include <QStandardPaths>
#include <QTimer>
#include <algorithm>
#include <iostream>
#include <string_view>
#include <utility>

namespace
{

using namespace jolly::app;

struct Options {
    QString file;
    QString world;  ///< empty: as it was left
    QString picture;
    QString page;
    QString language;
    bool isNew = false;
    bool isInBackground = false;
    bool isLight = false;
    bool goesLive = false;
    bool keepsSelection = false;
    bool tellsStart = false;
    bool takesKeyboards = false;
};

Options readOptions(const QCoreApplication& application)
{
    QCommandLineParser parser;
    parser.setApplicationDescription(
        QObject::tr("Jolly Tangle: merges flight and racing controllers into virtual joysticks "
                    "that games see."));
    parser.addHelpOption();
    parser.addVersionOption();
    parser.addPositionalArgument(QStringLiteral("FILE"),
                                 QObject::tr("Tangle to open; the last one when none is named"),
                                 QStringLiteral("[FILE]"));
    const QCommandLineOption world(
        QStringLiteral("world"),
        QObject::tr("Where controllers come from: kernel or a world file; as it was left when it "
                    "is not named"),
        QStringLiteral("WORLD"));
    const QCommandLineOption fresh(QStringLiteral("new"),
                                   QObject::tr("Begin with an empty tangle, not the last one"));
    const QCommandLineOption background(
        QStringLiteral("background"),
        QObject::tr("Begin in the tray, or as a small window where there is none"));
    const QCommandLineOption language(
        QStringLiteral("language"),
        QObject::tr("The language of this start, such as en; \"long-words\" shows which texts "
                    "are translated"),
        QStringLiteral("LANGUAGE"));
    const QCommandLineOption light(QStringLiteral("light"), QObject::tr("Light colours"));
    const QCommandLineOption live(QStringLiteral("live"), QObject::tr("Go live at once"));
    const QCommandLineOption still(QStringLiteral("no-follow"),
                                   QObject::tr("Touching a control does not select it"));
    const QCommandLineOption page(
        QStringLiteral("page"),
        QObject::tr("The page to begin with: rig, weave, shape, layers or bench"),
        QStringLiteral("PAGE"));
    const QCommandLineOption picture(QStringLiteral("picture"),
                                     QObject::tr("Save one picture of the window and end"),
                                     QStringLiteral("PNG"));
    const QCommandLineOption start(
        QStringLiteral("tell-start"),
        QObject::tr("Say on standard error how long the first live frame took"));
    const QCommandLineOption keyboards(
        QStringLiteral("keyboards"),
        QObject::tr("Keyboards and pointers count as controllers, too"));
    parser.addOptions(
        {world, fresh, background, language, light, live, still, page, picture, start, keyboards});
    parser.process(application);
    return {.file = parser.positionalArguments().value(0),
            .world = parser.value(world),
            .picture = parser.value(picture),
            .page = parser.value(page),
            .language = parser.value(language),
            .isNew = parser.isSet(fresh),
            .isInBackground = parser.isSet(background),
            .isLight = parser.isSet(light),
            .goesLive = parser.isSet(live),
            .keepsSelection = parser.isSet(still),
            .tellsStart = parser.isSet(start),
            .takesKeyboards = parser.isSet(keyboards)};
}

/// Whether only words are wanted: for these no display is needed.
bool asksForWords(int argc, char** argv)
{
    return std::any_of(argv + 1, argv + argc, [](std::string_view word) {
        return word == "--help" || word == "-h" || word == "--help-all" || word == "--version" ||
               word == "-v";
    });
}

/// Lets the window live for a while, then saves it as a picture and ends the engine and the
/// program.
void takePicture(const QString& file, MainWindow& window, EngineSession& session)
{
    constexpr int kWarmUpMs = 2600;
    QTimer::singleShot(kWarmUpMs, &window, [&window, &session, file] {
        const bool isSaved = window.grab().save(file);
        session.end();
        QApplication::exit(isSaved ? 0 : 2);
    });
}

QString draftFolder()
{
    return QStandardPaths::writableLocation(QStandardPaths::AppLocalDataLocation) +
           QStringLiteral("/drafts");
}

/// Says how long it took from the start of the program to the first values on the screen.
void tellStart(const QElapsedTimer& sinceStart, EngineSession& session, MainWindow& window)
{
    QObject::connect(&session, &EngineSession::valuesChanged, &window,
                     [&window, sinceStart, isFirst = true]() mutable {
                         if (!std::exchange(isFirst, false)) return;
                         window.repaint();
                         std::cerr << "first live frame after " << sinceStart.elapsed() << " ms"
                                   << std::endl;
                     });
}

/// Goes live as soon as there is an engine.
void goLiveAtOnce(EngineSession& session, Studio& studio)
{
    QObject::connect(
        &session, &EngineSession::attached, &studio,
        [&] {
            session.goLive([&](const jolly::Fallible& done) {
                if (!done) studio.messages().refuse(toQt(done.error().text()));
            });
        },
        static_cast<Qt::ConnectionType>(Qt::QueuedConnection | Qt::SingleShotConnection));
}

/// The tangle that the window begins with: the one that was named, edits that a window which died
/// left behind, or the last one.
void openFirst(const Options& options, MainWindow& window, DraftKeeper& drafts,
               const Document& document, Settings& settings)
{
    if (!options.file.isEmpty()) {
        window.openFile(options.file);
        return;
    }
    const bool isFirstStart = settings.get(settings::kRecentTangles).isEmpty();
    drafts.restoreLatest();
    if (!options.isNew && !document.hasChanges()) window.openLast();
    if (isFirstStart && settings.get(settings::kFirstSteps)) window.beginFirstSteps();
}

}  // namespace

int main(int argc, char** argv)
{
    QElapsedTimer sinceStart;
    sinceStart.start();
    QCoreApplication::setApplicationName(QStringLiteral("jolly-tangle"));
    QCoreApplication::setApplicationVersion(QStringLiteral(JOLLY_VERSION));
    if (asksForWords(argc, argv)) readOptions(QCoreApplication(argc, argv));  // tells them and ends
    QApplication application(argc, argv);
    QApplication::setDesktopFileName(QStringLiteral("org.jollytangle.JollyTangle"));
    Settings settings(Settings::usualFile());
    const auto options = readOptions(application);
    const auto missing =
        speak(application,
              options.language.isEmpty() ? settings.get(settings::kLanguage) : options.language);
    useLight(options.isLight || settings.get(settings::kColours) == QLatin1String("light"));
    applyTheme(application);
    const auto engineIn = [&](const QString& world) {
        return realEngine({.world = world,
                           .takesKeyboards = options.takesKeyboards,
                           .recorderMinutes = settings.recorderMinutes()});
    };
    const auto world = options.world.isEmpty() ? settings.get(settings::kWorld) : options.world;
    Document document;
    EngineSession session(engineIn(world));
    RealDialogs dialogs;
    Studio studio(document, session);
    MainWindow window(studio, dialogs, settings, Speaker::ofDesktop());
    window.restore();
    if (options.keepsSelection) studio.selection().setFollowing(false);
    if (!missing.isEmpty()) studio.messages().refuse(missing);
    QObject::connect(&window, &MainWindow::pretendRigWanted, &window, [&](bool isWanted) {
        const auto pretended = dataFile(QStringLiteral("demo/marrowmere-world.json"));
        const auto tangle = dataFile(QStringLiteral("demo/marrowmere.tangle"));
        const auto chosen = isWanted ? pretended : settings::kWorld.atFirst;
        if (isWanted && (chosen.isEmpty() || tangle.isEmpty()))
            return studio.messages().refuse(
                QObject::tr("The pretend rig is missing: its files (demo) are not among the "
                            "program's data. Install the program again."));
        if (isWanted && document.path().isEmpty() && !document.hasChanges())
            window.openFile(tangle);
        settings.set(settings::kWorld, chosen);
        session.changeTo(engineIn(chosen));
    });
    QObject::connect(&window, &MainWindow::themeWanted, &application, [&](bool isLight) {
        useLight(isLight);
        applyTheme(application);
    });
    if (options.goesLive) goLiveAtOnce(session, studio);
    if (options.tellsStart) tellStart(sinceStart, session, window);
    if (!options.picture.isEmpty()) takePicture(options.picture, window, session);
    Tray tray(studio, window);
    if (!options.isInBackground) {
        window.show();
    } else if (!tray.isThere()) {
        window.showMinimized();
    }
    DraftKeeper drafts(document, draftFolder());
    QObject::connect(&drafts, &DraftKeeper::told, &studio.messages(), &Messages::note);
    QObject::connect(&drafts, &DraftKeeper::warned, &studio.messages(), &Messages::refuse);
    QObject::connect(&drafts, &DraftKeeper::offered, &window, &MainWindow::offerDraft);
    openFirst(options, window, drafts, document, settings);
    if (!options.page.isEmpty()) window.showPage(MainWindow::pageNamed(options.page));
    session.begin();
    return QApplication::exec();
}
