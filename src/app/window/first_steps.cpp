// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/window/first_steps.h"

namespace jolly::app
{

namespace
{

/// As a sentence begins.
QString withCapital(QString words)
{
    if (!words.isEmpty()) words[0] = words[0].toUpper();
    return words;
}

}  // namespace

namespace
{

const auto kNotice = QStringLiteral("first steps");

}  // namespace

FirstSteps::FirstSteps(Studio& studio, QObject* parent) : QObject(parent), m_studio(studio)
{
    connect(&studio.selection(), &Selection::touchedChanged, this, &FirstSteps::follow);
    connect(&studio.selection(), &Selection::selectionChanged, this, &FirstSteps::follow);
    connect(&studio.edits(), &Edits::settled, this, &FirstSteps::follow);
}

void FirstSteps::begin()
{
    go(Step::Touch);
    Q_EMIT rigWanted();
}

void FirstSteps::follow()
{
    if (m_step == Step::Touch && m_studio.selection().selected()) {
        m_strands = m_studio.tangle().strands.size();
        go(Step::Weave);
        Q_EMIT weaveWanted();
    } else if (m_step == Step::Weave && m_studio.tangle().strands.size() > m_strands) {
        go(Step::GoLive);
    } else if (m_step == Step::Weave && m_studio.selection().selected() && m_told != words()) {
        go(Step::Weave);  // another control is selected
    } else if (m_step == Step::GoLive && m_studio.session().isLive()) {
        go(Step::Done);
    }
}

QString FirstSteps::words() const
{
    switch (m_step) {
        case Step::Touch:
            return tr(
                "First steps, 1 of 3. Move a lever or press a button on your desk: it lights "
                "up, and the next step begins.");
        case Step::Weave:
            return tr("First steps, 2 of 3. %1 is selected. Click a free virtual control on the "
                      "right: a strand leads there, and games will see it move.")
                .arg(m_studio.selection().selected()
                         ? withCapital(m_studio.feed().nameOf(*m_studio.selection().selected()))
                         : QString());
        case Step::GoLive:
            return tr(
                "First steps, 3 of 3. The strand is woven. Go live: the virtual devices are "
                "made, and your controllers are held so that games hear nothing twice.");
        case Step::Done:
            return tr(
                "You are live: choose the virtual device in your sim, and fly. Saving keeps "
                "the tangle; the Bench shows what the sim sees.");
        case Step::Over:
            break;
    }
    return {};
}

void FirstSteps::go(Step step)
{
    m_step = step;
    m_told = words();
    std::vector<Notice::Way> ways;
    if (step == Step::GoLive)
        ways.push_back({tr("Go live"), [this] {
                            go(Step::GoLive);  // the notice is there until it is true
                            Q_EMIT liveWanted();
                        }});
    if (step == Step::Done) {
        ways.push_back({tr("Well done"), [this] { end(); }});
    } else {
        ways.push_back({tr("Leave the first steps"), [this] { end(); }});
    }
    m_studio.messages().show({kNotice, words(), ways});
}

void FirstSteps::end()
{
    m_step = Step::Over;
    m_studio.messages().hide(kNotice);
    Q_EMIT ended();
}

}  // namespace jolly::app
