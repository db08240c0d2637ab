// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/flight/desk_walk.h"
#include "core/tangle/lookup.h"

#include <algorithm>

/// The walk test as a report.
namespace jolly
{

namespace
{

std::string aliasOf(const DeskWalk& walk, const std::string& id)
{
    const auto* controller = findBy(walk.rig(), &RigController::id, id);
    return controller ? controller->alias : id;
}

/// "pressed: yes, let go: not yet; is not in its middle".
Sentence stepsOf(const WalkedControl& control)
{
    std::vector<Sentence> steps;
    for (const auto& step : control.steps) {
        if (!step.isDone && !step.isAsked) continue;
        steps.push_back(step.isDone ? say("%1: yes", step.words) : say("%1: not yet", step.words));
    }
    const auto row = inARow(steps);
    return control.remark.empty() ? row : say("%1; %2", row, control.remark);
}

std::string escaped(const std::string& text)
{
    std::string safe;
    for (const char c : text) {
        if (c == '&') {
            safe += "&amp;";
        } else if (c == '<') {
            safe += "&lt;";
        } else if (c == '>') {
            safe += "&gt;";
        } else {
            safe += c;
        }
    }
    return safe;
}

struct Sums {
    std::size_t done = 0;
    std::size_t odd = 0;
    std::size_t all = 0;
};

Sums sumsOf(const std::vector<WalkedControl>& controls)
{
    Sums sums;
    sums.all = controls.size();
    for (const auto& control : controls) {
        sums.done += control.isDone() ? 1 : 0;
        sums.odd += control.remark.empty() ? 0 : 1;
    }
    return sums;
}

Sentence headline(const Sums& sums)
{
    return sums.odd == 0 ? say("%1 of %2 controls walked, nothing odd.", sums.done, sums.all)
                         : say("%1 of %2 controls walked, %3 odd.", sums.done, sums.all, sums.odd);
}

}  // namespace

std::string textOf(const DeskWalk& walk, Time now, const std::string& when,
                   const Language& language)
{
    const auto controls = walk.controls(now);
    auto text = say("Walk test of the desk, %1", when).in(language) + "\n" +
                headline(sumsOf(controls)).in(language) + "\n";
    const auto done = Sentence(words("done")).in(language);
    const auto open = Sentence(words("open")).in(language);
    std::string last;
    for (const auto& control : controls) {
        if (control.controller != last) text += "\n" + aliasOf(walk, control.controller) + "\n";
        last = control.controller;
        text += "  " + (control.isDone() ? done : open) + "  " +
                say("%1: %2", control.name, stepsOf(control)).in(language) + "\n";
    }
    return text;
}

std::string htmlOf(const DeskWalk& walk, Time now, const std::string& when,
                   const Language& language)
{
    const auto controls = walk.controls(now);
    const auto title = Sentence(words("Walk test of the desk")).in(language);
    std::string html =
        "<!DOCTYPE html>\n<html><head><meta charset=\"utf-8\"><title>" + title +
        "</title>\n"
        "<style>body{font-family:sans-serif;max-width:52em;margin:2em auto}"
        "td{padding:.2em .8em .2em 0;vertical-align:top}.left{font-weight:bold}</style></head>\n"
        "<body><h1>" +
        title + "</h1><p>" + escaped(when) + "</p><p>" +
        escaped(headline(sumsOf(controls)).in(language)) + "</p>\n";
    std::string last;
    for (const auto& control : controls) {
        if (control.controller != last) {
            html += (last.empty() ? "" : "</table>\n") +
                    ("<h2>" + escaped(aliasOf(walk, control.controller)) + "</h2><table>\n");
        }
        last = control.controller;
        html += std::string("<tr class=\"") + (control.isDone() ? "done" : "left") + "\"><td>" +
                (control.isDone() ? "&#10003;" : "&#9675;") + "</td><td>" +
                escaped(control.name.in(language)) + "</td><td>" +
                escaped(stepsOf(control).in(language)) + "</td></tr>\n";
    }
    if (!last.empty()) html += "</table>\n";
    return html + "</body></html>\n";
}

}  // namespace jolly
