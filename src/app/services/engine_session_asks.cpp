// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/services/engine_session.h"

/// What is asked of the engine.
namespace jolly::app
{

namespace
{

tl::unexpected<Failure> noEngine()
{
    return fail(Failure::Code::NotThere, words("There is no engine."),
                words("Wait a moment and try again."));
}

}  // namespace

void EngineSession::askForRecording(Time since, std::function<void(Result<UniqueFd>)> then)
{
    if (!m_link) return then(noEngine());
    m_calls->ask([link = m_link, since] { return link->recording(since); }, std::move(then));
}

void EngineSession::askToKeep(std::function<void(const Result<std::string>&)> then)
{
    if (!m_link) return then(noEngine());
    m_calls->ask([link = m_link] { return link->keepRecording({}); }, std::move(then));
}

void EngineSession::ask(std::function<Fallible(EngineLink&)> call, const Then& then)
{
    if (!m_link) {
        if (then) then(noEngine());
        return;
    }
    m_calls->ask([link = m_link, call = std::move(call)] { return call(*link); },
                 [this, link = m_link, then](const Fallible& done) {
                     if (link == m_link) fetchStatus();
                     if (then) then(done);
                 });
}

void EngineSession::goLive(Then then)
{
    ask([](EngineLink& link) { return link.goLive(); }, then);
}

void EngineSession::standDown(Then then)
{
    if (m_link) return ask([](EngineLink& link) { return link.standDown(); }, then);
    if (then) then({});
}

void EngineSession::flipLayer(const std::string& layer, Then then)
{
    ask([layer](EngineLink& link) { return link.flipLayer(layer); }, then);
}

void EngineSession::chooseCraft(const std::string& craft, Then then)
{
    if (m_link) return ask([craft](EngineLink& link) { return link.chooseCraft(craft); }, then);
    if (then) then({});
}

}  // namespace jolly::app
