// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/models/gesture.h"
#include "app/models/shared_tangle.h"
#include "core/tangle/strand_index.h"
#include "core/value/result.h"

#include <QObject>
#include <QUndoStack>
#include <functional>
#include <memory>
#include <optional>
#include <string>

namespace jolly::app
{

/// The tangle that is open, with its history and its file. Every change is put(); the pilot's own
/// come by Edits.
class Document : public QObject
{
    Q_OBJECT

 public:
    explicit Document(QObject* parent = nullptr);

    [[nodiscard]] const Tangle& tangle() const { return *m_tangle; }
    /// The same, which stays as it is when the document goes on.
    [[nodiscard]] const std::shared_ptr<const Tangle>& shared() const { return m_tangle; }
    /// Its strands, by where they begin and end.
    [[nodiscard]] const StrandIndex& strands() const;
    /// The tangle as the history has it: its parts tell whether they are the same as before.
    [[nodiscard]] const std::shared_ptr<const SharedTangle>& state() const { return m_state; }
    [[nodiscard]] const QString& path() const { return m_path; }

    /// Whether the file that was opened is of an earlier version of the format, and not yet saved.
    [[nodiscard]] bool isOfEarlierVersion() const { return m_isOfEarlierVersion; }
    [[nodiscard]] bool isSaved() const { return m_history.isClean() && !m_path.isEmpty(); }
    [[nodiscard]] bool hasChanges() const { return !m_history.isClean(); }
    [[nodiscard]] QUndoStack& history() { return m_history; }

    /// A strand as it was opened or saved last; null when it was not there.
    [[nodiscard]] const Strand* savedStrand(const std::string& id) const
    {
        return m_saved->strand(id);
    }

    /// Changes the tangle as one step of the history. Devices that size themselves follow.
    ///
    /// @param name     what the step is called, as in "Undo NAME".
    /// @param gesture  steps of one gesture become one.
    void put(const QString& name, Tangle after, Gesture gesture = {});

    /// put() of the tangle as it is with a change.
    void edit(const QString& name, const std::function<void(Tangle&)>& change,
              Gesture gesture = {});

    /// Begins anew with another tangle; `path` is empty for one that has no file yet.
    void begin(const Tangle& tangle, const QString& path);

    /// The pilot leaves without saving: what is not saved is not worth keeping.
    void giveUpChanges() { m_history.setClean(); }

    /// Reads a file. Fails with all its errors in one text; the document stays as it was.
    [[nodiscard]] Fallible open(const QString& path);

    /// Reads an earlier copy of a file in its place: saving puts it back.
    [[nodiscard]] Fallible openEarlier(const QString& copy, const QString& path);

    /// The text that somebody else put into the document's file since it was read or saved here;
    /// empty when nobody did.
    [[nodiscard]] std::optional<std::string> othersText() const;

    /// Writes the file; remembers `path` on success.
    [[nodiscard]] Fallible save(const QString& path);

 Q_SIGNALS:
    void changed();      ///< the tangle is another
    void fileChanged();  ///< its path, or whether it is saved

 private:
    class Step;
    void set(std::shared_ptr<const Tangle> tangle);

    std::shared_ptr<const Tangle> m_tangle;
    mutable std::optional<StrandIndex> m_strands;  ///< once it is asked for
    std::shared_ptr<const SharedTangle> m_state;   ///< the same, as the history has it
    std::shared_ptr<const SharedTangle> m_saved;   ///< as it was opened or saved last
    QString m_path;
    std::string m_textOnDisk;  ///< as it was read or saved here
    bool m_isOfEarlierVersion = false;
    QUndoStack m_history;
};

}  // namespace jolly::app
