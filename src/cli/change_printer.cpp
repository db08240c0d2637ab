// SPDX-License-Identifier: GPL-3.0-or-later
#include "cli/change_printer.h"

#include <nlohmann/json.hpp>

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

void ChangePrinter::print(double t, const Change& change)
{
    std::cout << "{\"t\":" << Plain(t).dump() << m_heads[change.output];
    auto raw = std::to_string(change.raw.x);
    const auto kind = m_machine.plan().outputs[change.output].layout.control.kind;
    if (kind == ControlKind::Axis) {  // + 0.0: never -0
        const double value = change.value.x + 0.0;
        std::cout << ",\"value\":" << Plain(value).dump() << ",\"raw\":" << raw << "}\n";
        return;
    }
    if (kind == ControlKind::Turner)
        raw = std::to_string(
            turnedBy(std::exchange(m_sent[change.output], change.raw.x), change.raw.x));
    if (kind == ControlKind::Hat) raw = "[" + raw + "," + std::to_string(change.raw.y) + "]";
    std::cout << ",\"raw\":" << raw << ",\"value\":" << raw << "}\n";
}

void ChangePrinter::tellRest(double t)
{
    const auto engaged = m_machine.layers().engaged();
    for (std::size_t layer = 1; layer < m_machine.plan().layers.size(); ++layer) {
        const bool is = ((engaged >> layer) & 1U) != 0;
        if (is == (((m_engaged >> layer) & 1U) != 0)) continue;
        std::cout << "{\"t\":" << Plain(t).dump()
                  << ",\"layer\":" << Plain(m_machine.plan().layers[layer].id).dump()
                  << ",\"engaged\":" << (is ? "true" : "false") << "}\n";
    }
    m_engaged = engaged;
    const auto craft = m_machine.routing().craft();
    if (craft != std::exchange(m_craft, craft))
        std::cout << "{\"t\":" << Plain(t).dump()
                  << ",\"craft\":" << Plain(m_machine.plan().views[craft].craft).dump() << "}\n";
    if (m_machine.takeKeep())
        std::cout << "{\"t\":" << Plain(t).dump() << ",\"order\":\"keep recording\"}\n";
    if (m_machine.takeStandDown())
        std::cout << "{\"t\":" << Plain(t).dump() << ",\"order\":\"stand down\"}\n";
}

}  // namespace jolly
