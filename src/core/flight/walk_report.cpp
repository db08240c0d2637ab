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

std::string stepsOf(const WalkedControl& control)
{
    std::string text;
    for (const auto& step : control.steps) {
        if (!step.isDone && !step.isAsked) continue;
        text += (text.empty() ? "" : ", ") + step.words + (step.isDone ? ": yes" : ": not yet");
    }
    return text;
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

std::string headline(const Sums& sums)
{
    auto text = std::to_string(sums.done) + " of " + std::to_string(sums.all) + " controls walked";
    text += sums.odd == 0 ? ", nothing odd." : ", " + std::to_string(sums.odd) + " odd.";
    return text;
}

}  // namespace

std::string textOf(const DeskWalk& walk, Time now, const std::string& when)
{
    const auto controls = walk.controls(now);
    std::string text = "Walk test of the desk, " + when + "\n" + headline(sumsOf(controls)) + "\n";
    std::string last;
    for (const auto& control : controls) {
        if (control.controller != last) text += "\n" + aliasOf(walk, control.controller) + "\n";
        last = control.controller;
        text += std::string(control.isDone() ? "  done  " : "  left  ") + control.name + ": " +
                stepsOf(control) + (control.remark.empty() ? "" : "; " + control.remark) + "\n";
    }
    return text;
}

std::string htmlOf(const DeskWalk& walk, Time now, const std::string& when)
{
    const auto controls = walk.controls(now);
    std::string html =
        "<!DOCTYPE html>\n<html><head><meta charset=\"utf-8\"><title>Walk test</title>\n"
        "<style>body{font-family:sans-serif;max-width:52em;margin:2em auto}"
        "td{padding:.2em .8em .2em 0;vertical-align:top}.left{font-weight:bold}</style></head>\n"
        "<body><h1>Walk test of the desk</h1><p>" +
        escaped(when) + "</p><p>" + headline(sumsOf(controls)) + "</p>\n";
    std::string last;
    for (const auto& control : controls) {
        if (control.controller != last) {
            html += (last.empty() ? "" : "</table>\n") +
                    ("<h2>" + escaped(aliasOf(walk, control.controller)) + "</h2><table>\n");
        }
        last = control.controller;
        html += std::string("<tr class=\"") + (control.isDone() ? "done" : "left") + "\"><td>" +
                (control.isDone() ? "&#10003;" : "&#9675;") + "</td><td>" + escaped(control.name) +
                "</td><td>" + escaped(stepsOf(control)) +
                (control.remark.empty() ? "" : "; " + escaped(control.remark)) + "</td></tr>\n";
    }
    if (!last.empty()) html += "</table>\n";
    return html + "</body></html>\n";
}

}  // namespace jolly
