// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/models/document.h"

#include "core/tangle/device_edit.h"
#include "core/tangle/edit.h"
#include "core/tangle/feel.h"
#include "format/files.h"
#include "format/place.h"
#include "format/save.h"
#include "format/tangle_text.h"

#include <utility>

namespace jolly::app
{

/// One step of the history: the tangle before and after.
class Document::Step : public QUndoCommand
{
 public:
    using State = std::shared_ptr<const SharedTangle>;

    Step(Document& document, Tangle after, State state, const QString& name, Gesture gesture)
        : QUndoCommand(name),
          m_document(document),
          m_before(document.m_state),
          m_after(std::move(state)),
          m_new(std::make_shared<const Tangle>(std::move(after))),
          m_gesture(gesture)
    {
    }

    void redo() override
    {
        m_document.m_state = m_after;
        m_document.set(m_new ? std::exchange(m_new, nullptr)
                             : std::make_shared<const Tangle>(m_after->tangle()));
    }
    void undo() override
    {
        m_document.m_state = m_before;
        m_document.set(std::make_shared<const Tangle>(m_before->tangle()));
    }
    [[nodiscard]] int id() const override { return 1; }

    bool mergeWith(const QUndoCommand* next) override
    {
        const auto* other = static_cast<const Step*>(next);
        if (m_gesture.isNone() || other->m_gesture != m_gesture) return false;
        if (!SharedTangle::changeTheSame(*m_before, *m_after, *other->m_after)) return false;
        m_after = other->m_after;
        return true;
    }

 private:
    Document& m_document;
    State m_before;
    State m_after;
    std::shared_ptr<const Tangle> m_new;  ///< until it was done for the first time
    Gesture m_gesture;
};

Document::Document(QObject* parent)
    : QObject(parent),
      m_tangle(std::make_shared<const Tangle>(newTangle())),
      m_state(std::make_shared<SharedTangle>(*m_tangle, nullptr)),
      m_saved(m_state)
{
    connect(&m_history, &QUndoStack::cleanChanged, this, &Document::fileChanged);
}

const StrandIndex& Document::strands() const
{
    if (!m_strands) m_strands.emplace(*m_tangle);
    return *m_strands;
}

void Document::set(std::shared_ptr<const Tangle> tangle)
{
    m_tangle = std::move(tangle);
    m_strands.reset();
    Q_EMIT changed();
}

void Document::put(const QString& name, Tangle after, Gesture gesture)
{
    keepShapes(*m_tangle, after);
    fitDevices(after);
    auto state = std::make_shared<const SharedTangle>(after, m_state.get());
    if (*state == *m_state) return;
    m_history.push(new Step(*this, std::move(after), std::move(state), name, gesture));
}

void Document::edit(const QString& name, const std::function<void(Tangle&)>& change,
                    Gesture gesture)
{
    auto after = *m_tangle;
    change(after);
    put(name, std::move(after), gesture);
}

void Document::begin(const Tangle& tangle, const QString& path)
{
    m_history.clear();
    m_isOfEarlierVersion = false;
    m_path = path;
    m_state = std::make_shared<SharedTangle>(tangle, nullptr);
    m_saved = m_state;
    set(std::make_shared<const Tangle>(tangle));
    Q_EMIT fileChanged();
}

Fallible Document::open(const QString& path)
{
    const auto text = format::readText(path.toStdString());
    if (!text) return tl::unexpected(text.error());
    auto read = format::readTangle(*text);
    if (read.isReadable) {
        m_textOnDisk = *text;
        begin(read.tangle, path);
        m_isOfEarlierVersion = read.version < format::kTangleVersion;
        return {};
    }
    Sentence sentences;
    for (const auto& problem : read.problems)
        sentences = sentences.empty() ? format::toWords(problem)
                                      : say("%1\n%2", sentences, format::toWords(problem));
    return fail(Failure::Code::Unreadable, sentences, words("The file was left as it is."));
}

Fallible Document::openEarlier(const QString& copy, const QString& path)
{
    const auto text = format::readText(copy.toStdString());
    if (!text) return tl::unexpected(text.error());
    auto read = format::readTangle(*text);
    if (!read.isReadable)
        return fail(Failure::Code::Unreadable, words("The copy cannot be read either."),
                    words("Try an earlier one."));
    begin(read.tangle, path);
    m_textOnDisk = format::readText(path.toStdString()).value_or(std::string());
    m_history.resetClean();
    return {};
}

std::optional<std::string> Document::othersText() const
{
    if (m_path.isEmpty()) return std::nullopt;
    auto now = format::readText(m_path.toStdString());
    if (!now || *now == m_textOnDisk) return std::nullopt;
    return std::move(*now);
}

Fallible Document::save(const QString& path)
{
    auto text = format::writeTangle(*m_tangle);
    auto done = format::saveText(path.toStdString(), text);
    if (!done) return done;
    m_path = path;
    m_textOnDisk = std::move(text);
    m_isOfEarlierVersion = false;
    m_saved = m_state;
    m_history.setClean();
    Q_EMIT fileChanged();
    return {};
}

}  // namespace jolly::app
