// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/services/data_files.h"
#include "app/services/draft_keeper.h"
#include "app/services/engine_process.h"
#include "app/style/palette.h"
#include "app/style/theme.h"
#include "app/window/main_window.h"

#include <QAction>
#include <QApplication>
#include <QCommandLineParser>
#include <QElapsedTimer>
#include <QSettings>
#include <QStandardPaths>
#include <QTimer>
#include <iostream>
#include <utility>

namespace
{

using namespace jolly::app;

struct Options {
    QString file;
    QString world;
    QString picture;
    QString page;
    bool isLight = false;
    bool goesLive = false;
    bool keepsSelection = false;
    bool tellsStart = false;
    bool takesKeyboards = false;
};

Options readOptions(const QApplication& application)
{
    QCommandLineParser parser;
    parser.setApplicationDescription(
        QObject::tr("Jolly Tangle: merges flight and racing controllers into virtual joysticks "
                    "that games see."));
    parser.addHelpOption();
    parser.addVersionOption();
    parser.addPositionalArgument(QStringLiteral("FILE"), QObject::tr("Tangle to open"),
                                 QStringLiteral("[FILE]"));
    const QCommandLineOption world(
        QStringLiteral("world"), QObject::tr("Where controllers come from: kernel or a world file"),
        QStringLiteral("WORLD"), QStringLiteral("kernel"));
    const QCommandLineOption light(QStringLiteral("light"), QObject::tr("Light colours"));
    const QCommandLineOption live(QStringLiteral("live"), QObject::tr("Go live at once"));
    const QCommandLineOption still(QStringLiteral("no-follow"),
                                   QObject::tr("Touching a control does not select it"));
    const QCommandLineOption page(QStringLiteral("page"),
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
    parser.addOptions({world, light, live, still, page, picture, start, keyboards});
    parser.process(application);
    return {parser.positionalArguments().value(0),
            parser.value(world),
            parser.value(picture),
            parser.value(page),
            parser.isSet(light),
            parser.isSet(live),
            parser.isSet(still),
            parser.isSet(start),
            parser.isSet(keyboards)};
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

/// The strip and the voice are as they were left.
void rememberOutOfWindow(MainWindow& window)
{
    auto* settings =
        new QSettings(QStringLiteral("jolly-tangle"), QStringLiteral("window"), &window);
    for (const auto* name : {"strip shown", "speak layers"}) {
        auto* entry = window.findChild<QAction*>(QLatin1String(name));
        const auto key = QLatin1String(name);
        QObject::connect(entry, &QAction::toggled, settings,
                         [settings, key](bool isOn) { settings->setValue(key, isOn); });
        entry->setChecked(settings->value(key, false).toBool());
    }
    const auto place = QStringLiteral("strip place");
    window.strip().move(settings->value(place, QPoint(40, 40)).toPoint());
    QObject::connect(&window.strip(), &LayerStrip::placed, settings,
                     [settings, place](QPoint at) { settings->setValue(place, at); });
}

}  // namespace

int main(int argc, char** argv)
{
    QElapsedTimer sinceStart;
    sinceStart.start();
    QApplication application(argc, argv);
    QApplication::setApplicationName(QStringLiteral("jolly-tangle"));
    QApplication::setApplicationVersion(QStringLiteral(JOLLY_VERSION));
    const auto options = readOptions(application);
    useLight(options.isLight);
    applyTheme(application);
    Document document;
    EngineSession session(realEngine(options.world, options.takesKeyboards));
    RealDialogs dialogs;
    Studio studio(document, session);
    studio.setFollowing(!options.keepsSelection);
    MainWindow window(studio, dialogs, Speaker::ofDesktop());
    rememberOutOfWindow(window);
    QObject::connect(&window, &MainWindow::pretendRigWanted, &window, [&] {
        window.openFile(dataFile(QStringLiteral("demo/marrowmere.tangle")));
        session.changeTo(realEngine(dataFile(QStringLiteral("demo/marrowmere-world.json"))));
    });
    QObject::connect(&window, &MainWindow::themeWanted, &application, [&](bool isLight) {
        useLight(isLight);
        applyTheme(application);
    });
    if (options.page == QLatin1String("weave")) window.showPage(Rail::Weave);
    if (options.page == QLatin1String("layers")) window.showPage(Rail::Layers);
    if (options.page == QLatin1String("shape")) window.showPage(Rail::Shape);
    if (options.page == QLatin1String("bench")) window.showPage(Rail::Bench);
    if (options.goesLive) {
        QObject::connect(
            &session, &EngineSession::attached, &window,
            [&] {
                session.goLive([&](const jolly::Fallible& done) {
                    if (!done) studio.refuse(QString::fromStdString(done.error().text()));
                });
            },
            Qt::QueuedConnection);
    }
    if (options.tellsStart) tellStart(sinceStart, session, window);
    if (!options.picture.isEmpty()) takePicture(options.picture, window, session);
    window.show();
    DraftKeeper drafts(document, draftFolder());
    QObject::connect(&drafts, &DraftKeeper::told, &studio, &Studio::say);
    QObject::connect(&drafts, &DraftKeeper::warned, &studio, &Studio::refuse);
    QObject::connect(&drafts, &DraftKeeper::offered, &window, &MainWindow::offerDraft);
    if (options.file.isEmpty()) {
        drafts.restoreLatest();
    } else {
        window.openFile(options.file);
    }
    session.begin();
    return QApplication::exec();
}
