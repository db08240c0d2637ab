// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/change_printer.h"

#include "cli/json_number.h"

#include <nlohmann/json.hpp>

#include <bit>
#include <iostream>
#include <utility>

namespace jolly
{

namespace
{

using Plain = nlohmann::json;

}  // namespace

ChangePrinter::ChangePrinter(const Tangle& tangle, Machine& machine) : m_machine(machine)
{
    for (const auto& output : machine.plan().outputs) {
        if (output.device == kNoDevice) continue;  // a layer; those come behind the others
        m_heads.push_back(",\"device\":" + Plain(tangle.devices[output.device].id).dump() +
                          ",\"control\":" + Plain(toText(output.layout.control)).dump());
    }
}

/// Begins a line with its time.
void ChangePrinter::beginLine(double t)
{
    m_line = "{\"t\":";
    addNumber(m_line, t);
}

void ChangePrinter::endLine()
{
    m_line += "}\n";
    std::cout.write(m_line.data(), static_cast<std::streamsize>(m_line.size()));
}

void ChangePrinter::print(double t, const Change& change)
{
    beginLine(t);
    m_line += m_heads[change.output];
    auto raw = std::to_string(change.raw.x);
    const auto kind = m_machine.plan().outputs[change.output].layout.control.kind;
    if (kind == ControlKind::Axis) {
        m_line += ",\"value\":";
        addNumber(m_line, change.value.x + 0.0);  // + 0.0: never -0
        m_line += ",\"raw\":" + raw;
        return endLine();
    }
    if (kind == ControlKind::Turner)
        raw = std::to_string(
            turnedBy(std::exchange(m_sent[change.output], change.raw.x), change.raw.x));
    if (kind == ControlKind::Hat) raw = "[" + raw + "," + std::to_string(change.raw.y) + "]";
    m_line += ",\"raw\":" + raw + ",\"value\":" + raw;
    endLine();
}

void ChangePrinter::tellRest(double t)
{
    const auto say = [&](const std::string& what) {
        beginLine(t);
        m_line += "," + what;
        endLine();
    };
    const auto engaged = m_machine.layers().engaged();
    for (auto changed = engaged ^ std::exchange(m_engaged, engaged); changed != 0;
         changed &= changed - 1) {
        const auto layer = static_cast<std::size_t>(std::countr_zero(changed));
        const bool is = ((engaged >> layer) & 1U) != 0;
        say("\"layer\":" + Plain(m_machine.plan().layers[layer].id).dump() +
            ",\"engaged\":" + (is ? "true" : "false"));
    }
    const auto craft = m_machine.routing().craft();
    if (craft != std::exchange(m_craft, craft))
        say("\"craft\":" + Plain(m_machine.plan().views[craft].craft).dump());
    if (m_machine.takeKeep()) say("\"order\":\"keep recording\"");
    if (m_machine.takeStandDown()) say("\"order\":\"stand down\"");
}

}  // namespace jolly
