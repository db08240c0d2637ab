// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include <QObject>
#include <QPointer>
#include <QTimer>
#include <functional>
#include <memory>
#include <utility>

namespace jolly::app
{

/// Does what takes its time (a call to the engine, a file, a long look at a recording) one after
/// the other, without the window waiting for it: on a thread of its own, or, where the engine is in
/// this process, at once.
class Aside : public QObject
{
    Q_OBJECT

 public:
    /// How long a call may take before it is told that there is no answer.
    static constexpr int kLateMs = 2000;

    enum class Way { Thread, AtOnce };

    explicit Aside(Way way, QObject* parent = nullptr);

    /// A call that hangs is left behind.
    ~Aside() override;

    /// Runs `call` aside, then `then` with what it gave, on the window's thread.
    template <class Call, class Then>
    void ask(Call&& call, Then&& then)
    {
        using Answer = decltype(call());
        auto answer = std::make_shared<std::unique_ptr<Answer>>();
        run([answer,
             call = std::forward<Call>(call)] { *answer = std::make_unique<Answer>(call()); },
            [answer, then = std::forward<Then>(then)] { then(std::move(**answer)); });
    }

    /// Waits until everything that was asked is done, for `ms` at most. @return whether it is.
    bool finish(int ms);

    [[nodiscard]] bool isLate() const { return m_isLate; }

 Q_SIGNALS:
    void late();      ///< a call has had no answer for kLateMs
    void answered();  ///< after late(): there was an answer at last

 private:
    class Worker;
    void run(std::function<void()> call, std::function<void()> then);
    void done(const std::function<void()>& then);

    std::shared_ptr<Worker> m_worker;  ///< null where calls are carried out at once
    QTimer m_patience;
    int m_open = 0;
    bool m_isLate = false;
};

}  // namespace jolly::app
