// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/models/draft_keeper.h"
#include "app/style/qt_text.h"

#include "format/save.h"
#include "format/tangle_text.h"

#include <QCryptographicHash>
#include <QDir>
#include <QFile>
#include <QFileInfo>
#include <QJsonDocument>
#include <QJsonObject>

namespace jolly::app
{

namespace
{

constexpr int kSoonMs = 250;
constexpr qsizetype kLongestStem = 80;  ///< of a draft's name
constexpr int kMostSlots = 16;
constexpr int kForever = 60'000;  ///< ms; no disk that still works takes so long for a draft
const auto kOf = QLatin1String("of");
const auto kTangle = QLatin1String("tangle");

QJsonObject readDraft(const QString& file)
{
    QFile in(file);
    if (!in.open(QIODevice::ReadOnly)) return {};
    return QJsonDocument::fromJson(in.readAll()).object();
}

/// The same however a file is named: relative or not, through a link or not.
QString wholePath(const QString& path)
{
    if (path.isEmpty()) return {};
    const QFileInfo file(path);
    const auto real = file.canonicalFilePath();
    return real.isEmpty() ? QDir::cleanPath(file.absoluteFilePath()) : real;
}

std::unique_ptr<QLockFile> lock(const QString& draft)
{
    auto lock = std::make_unique<QLockFile>(draft + QStringLiteral(".lock"));
    lock->setStaleLockTime(0);  // a lock is stale when its process is gone, however old it is
    return lock->tryLock(0) ? std::move(lock) : nullptr;
}

}  // namespace

DraftKeeper::DraftKeeper(Document& document, const QString& folder, QObject* parent)
    : QObject(parent), m_document(document), m_folder(folder)
{
    QDir().mkpath(folder);
    m_soon.setSingleShot(true);
    m_soon.setInterval(kSoonMs);
    connect(&m_soon, &QTimer::timeout, this, &DraftKeeper::writeAside);
    connect(&document, &Document::changed, this, [this] {
        if (!m_soon.isActive()) m_soon.start();  // also while edits go on and on
    });
    connect(&document, &Document::fileChanged, this, &DraftKeeper::follow);
    m_path = wholePath(document.path());
}

DraftKeeper::~DraftKeeper()
{
    if (m_soon.isActive()) writeAside();
    m_aside.finish(kForever);
}

QString DraftKeeper::draftFile(int slot) const
{
    const auto hash = QCryptographicHash::hash(m_path.toUtf8(), QCryptographicHash::Sha1).toHex();
    const auto name = m_path.isEmpty() ? QStringLiteral("untitled")
                                       : QFileInfo(m_path).completeBaseName().left(kLongestStem) +
                                             QLatin1Char('-') + QString::fromLatin1(hash.left(12));
    return QStringLiteral("%1/%2-%3.draft").arg(m_folder, name).arg(slot);
}

void DraftKeeper::follow()
{
    if (m_path != wholePath(m_document.path())) {
        drop();
        m_path = wholePath(m_document.path());
        const bool isOpened = m_document.history().count() == 0;  // and not saved under this name
        if (isOpened && !m_path.isEmpty() && take(true)) recover();
    } else if (!m_document.hasChanges()) {
        drop();
    }
}

/// Takes a place for the document's draft: one that a dead window left there, or a new one.
bool DraftKeeper::take(bool wantsDraft)
{
    for (int slot = 1; slot <= kMostSlots; ++slot) {
        const auto file = draftFile(slot);
        if (QFile::exists(file) != wantsDraft) continue;
        m_lock = lock(file);
        if (!m_lock) continue;
        m_file = file;
        return true;
    }
    return false;
}

void DraftKeeper::recover()
{
    auto draft = format::readTangle(readDraft(m_file).value(kTangle).toString().toStdString());
    if (!draft.isReadable) {
        const auto aside = m_file + QStringLiteral(".unreadable");
        QFile::remove(aside);
        QFile::rename(m_file, aside);
        drop();
        Q_EMIT warned(
            tr("Edits that were not saved could not be read; they are in %1.").arg(aside));
        return;
    }
    if (isOlderThanFile()) return offerAside();
    m_document.edit(tr("edits that were not saved"),
                    [&](Tangle& tangle) { tangle = std::move(draft.tangle); });
    if (!m_document.hasChanges()) return drop();
    Q_EMIT told(tr("Edits from before the window died are back. Undo takes them away."));
}

/// Whether the file was saved after the draft was left, by another window.
bool DraftKeeper::isOlderThanFile() const
{
    return !m_path.isEmpty() && QFileInfo(m_path).lastModified() > QFileInfo(m_file).lastModified();
}

/// An old draft is kept beside, and said; it does not come back over what was saved later.
void DraftKeeper::offerAside()
{
    const auto aside = m_file.chopped(6) + QStringLiteral(".tangle");
    QFile out(aside);
    const auto text = readDraft(m_file).value(kTangle).toString().toUtf8();
    const bool isKept = out.open(QIODevice::WriteOnly) && out.write(text) == text.size();
    if (!isKept) return;  // the draft stays
    drop();
    Q_EMIT warned(tr("Edits of %1 that were never saved are older than the file; they are kept as "
                     "%2, to be opened by hand.")
                      .arg(QFileInfo(m_path).fileName(), aside));
}

void DraftKeeper::restoreLatest()
{
    const auto drafts =
        QDir(m_folder).entryInfoList({QStringLiteral("*.draft")}, QDir::Files, QDir::Time);
    bool hasOffered = false;
    for (const auto& draft : drafts) {
        if (!lock(draft.filePath())) continue;
        const auto path = readDraft(draft.filePath()).value(kOf).toString();
        if (!path.isEmpty()) {
            if (!std::exchange(hasOffered, true)) Q_EMIT offered(path, draft.lastModified());
        } else if (m_document.path().isEmpty() && !m_lock && take(true)) {
            recover();
        }
    }
}

void DraftKeeper::write()
{
    writeAside();
    m_aside.finish(kForever);
}

void DraftKeeper::writeAside()
{
    m_soon.stop();
    if (!m_document.hasChanges()) return drop();
    if (!m_lock && !take(false)) return warn({});
    m_aside.ask(
        [tangle = std::make_shared<const Tangle>(m_document.tangle()), file = m_file.toStdString(),
         of = m_path] {
            const auto text = toQt(format::writeTangle(*tangle));
            const auto draft = QJsonDocument(QJsonObject{{kOf, of}, {kTangle, text}}).toJson();
            return format::replaceText(file, draft.toStdString(), format::FileCalls::hasty());
        },
        [this](const Fallible& done) {
            if (!done) warn(toQt(done.error().text()));
        });
}

void DraftKeeper::warn(const QString& why)
{
    Q_EMIT warned(
        tr("Edits that are not saved would not survive a crash: nothing can be written to %1. %2")
            .arg(m_folder, why));
}

void DraftKeeper::drop()
{
    m_soon.stop();
    m_aside.finish(kForever);  // else what is being written would stay
    if (m_lock) QFile::remove(m_file);
    m_lock.reset();
    m_file.clear();
}

}  // namespace jolly::app
