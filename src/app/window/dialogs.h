// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "app/services/earlier_copies.h"
#include "core/tangle/device_edit.h"

#include <QString>
#include <QStringList>
#include <functional>
#include <optional>

class QWidget;

namespace jolly::app
{

/// Questions that stop the pilot; tests answer them themselves.
class Dialogs
{
 public:
    enum class Answer { Save, Discard, Cancel };
    enum class FileKind { Tangle, Faceplate, SimSheet, Picture, Recording, Report };
    enum class Conflict { Mine, TheirsAside, Cancel };

    /// What there is to decide when the window closes: one question for all of it.
    struct Parting {
        QString name;             ///< of the tangle
        QString file;             ///< where saving puts it
        bool hasChanges = false;  ///< that are not saved
        bool isLive = false;
    };
    struct Leave {
        bool saves = false;
        bool keepsFlying = false;
    };

    virtual ~Dialogs() = default;

    /// A file to open or to save to; empty when the pilot gave up.
    [[nodiscard]] virtual QString openFile(QWidget* parent, FileKind kind) = 0;
    [[nodiscard]] virtual QString saveFile(QWidget* parent, FileKind kind,
                                           const QString& suggestion) = 0;

    /// What becomes of unsaved changes when another tangle is opened.
    [[nodiscard]] virtual Answer unsaved(QWidget* parent, const QString& name) = 0;

    /// What becomes of a file that somebody else has changed since it was opened here.
    ///
    /// @param difference  what this window has otherwise than the file, a sentence each.
    [[nodiscard]] virtual Conflict conflict(QWidget* parent, const QString& file,
                                            const QStringList& difference) = 0;

    /// How the window is left; empty when it stays.
    [[nodiscard]] virtual std::optional<Leave> leaving(QWidget* parent, const Parting& parting) = 0;

    /// What becomes of the strands that end at a virtual device which is removed; empty when the
    /// pilot gave up.
    [[nodiscard]] virtual std::optional<Ends> removing(QWidget* parent, const QString& device,
                                                       std::size_t strands) = 0;

    /// A file cannot be read. @return which of the kept copies is opened in its place, if any.
    [[nodiscard]] virtual std::optional<std::size_t> broken(
        QWidget* parent, const QString& file, const QStringList& why,
        const std::vector<EarlierCopy>& copies) = 0;

    /// Asks the administrator for the permissions that are missing; `told` gets what came of it.
    virtual void permit(QWidget* parent, const std::function<void(const QString&)>& told) = 0;

    /// Something could not be done.
    virtual void tell(QWidget* parent, const QString& title, const QString& sentence) = 0;
};

/// The real ones.
class RealDialogs : public Dialogs
{
 public:
    [[nodiscard]] QString openFile(QWidget* parent, FileKind kind) override;
    [[nodiscard]] QString saveFile(QWidget* parent, FileKind kind,
                                   const QString& suggestion) override;
    [[nodiscard]] Answer unsaved(QWidget* parent, const QString& name) override;
    [[nodiscard]] Conflict conflict(QWidget* parent, const QString& file,
                                    const QStringList& difference) override;
    [[nodiscard]] std::optional<Leave> leaving(QWidget* parent, const Parting& parting) override;
    [[nodiscard]] std::optional<Ends> removing(QWidget* parent, const QString& device,
                                               std::size_t strands) override;
    [[nodiscard]] std::optional<std::size_t> broken(
        QWidget* parent, const QString& file, const QStringList& why,
        const std::vector<EarlierCopy>& copies) override;
    void permit(QWidget* parent, const std::function<void(const QString&)>& told) override;
    void tell(QWidget* parent, const QString& title, const QString& sentence) override;
};

}  // namespace jolly::app
