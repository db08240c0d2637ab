// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/document.h"
#include "app/services/aside.h"

#include <QDateTime>
#include <QLockFile>
#include <QObject>
#include <QTimer>
#include <memory>

namespace jolly::app
{

/// Keeps edits that were not saved through a crash of the window: a quarter of a second after an
/// edit they lie in a draft file, which goes when they are saved, undone or given up
/// (Document::giveUpChanges()). When a tangle is opened whose draft was left behind, its edits come
/// back as one step of the history, unless the file was saved later than they were made.
///
/// Two windows with the same tangle have a draft each; a lock tells whether its window is alive.
class DraftKeeper : public QObject
{
    Q_OBJECT

 public:
    /// @param folder  where drafts lie; made when it is not there.
    DraftKeeper(Document& document, const QString& folder, QObject* parent = nullptr);

    /// The draft stays where edits were neither saved nor given up.
    ~DraftKeeper() override;

    /// For a window that was asked for no file: brings back the edits of a window that died without
    /// one, too. The newest ones of a file are only offered(): nobody asked for that file.
    void restoreLatest();

    /// Writes the draft now instead of a moment after the edit.
    void write();

 Q_SIGNALS:
    void told(const QString& sentence);    ///< edits are back
    void warned(const QString& sentence);  ///< edits are in danger, or could not be read

    /// Edits of this file that were not saved are there; opening it brings them back.
    void offered(const QString& path, const QDateTime& when);

 private:
    void follow();
    void recover();
    [[nodiscard]] bool isOlderThanFile() const;
    void offerAside();
    void writeAside();
    void warn(const QString& why);
    void drop();
    [[nodiscard]] bool take(bool wantsDraft);
    [[nodiscard]] QString draftFile(int slot) const;

    Document& m_document;
    QString m_folder;
    QString m_path;                     ///< of the document that the draft belongs to
    QString m_file;                     ///< the draft, while there is one
    std::unique_ptr<QLockFile> m_lock;  ///< of the draft
    QTimer m_soon;
    Aside m_aside{Aside::Way::Thread};
};

}  // namespace jolly::app
