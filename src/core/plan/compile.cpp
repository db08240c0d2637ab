// SPDX-License-Identifier: GPL-3.0-or-later
#include "core/layers/family.h"
#include "core/plan/compile_layers.h"
#include "core/tangle/lookup.h"
#include "core/tangle/signals.h"
#include "core/weave/weave.h"

#include <algorithm>
#include <numeric>
#include <set>

namespace jolly
{

namespace
{

class Compiler
{
 public:
    explicit Compiler(const Tangle& tangle) : m_tangle(tangle) {}

    Plan run()
    {
        addOutputs();
        addLayers(m_plan, m_tangle);
        addInputs();
        addStrands();
        addViews(m_plan, m_tangle, m_strands);
        addWatchers();
        orderById();
        return std::move(m_plan);
    }

 private:
    void addOutputs()
    {
        for (std::size_t d = 0; d < m_tangle.devices.size(); ++d) {
            const auto first = sizeOf(m_plan.outputs);
            std::uint16_t slot = 0;
            for (const auto& layout : layoutOf(m_tangle.devices[d])) {
                const auto settings = settingsOf(m_tangle.devices[d], layout.control);
                m_plan.outputs.push_back({{m_tangle.devices[d].id, layout.control},
                                          static_cast<std::uint16_t>(d),
                                          slot++,
                                          layout,
                                          Calibration::ofRange(layout.low, layout.high),
                                          settings.meeting,
                                          {},
                                          {}});
            }
            m_plan.outputsOfDevice.push_back({first, sizeOf(m_plan.outputs) - first});
        }
    }

    void addInputs()
    {
        for (std::size_t c = 0; c < m_tangle.rig.size(); ++c) {
            for (const auto& control : m_tangle.rig[c].controls) {
                const bool isBent = std::ranges::any_of(
                    control.notches, [](const Notch& notch) { return notch.value.has_value(); });
                m_plan.inputs.push_back({.rig = static_cast<std::uint16_t>(c),
                                         .controller = m_tangle.rig[c].id,
                                         .control = control,
                                         .isBent = isBent});
            }
        }
    }

    void addStrands()
    {
        const StrandFindings findings(m_tangle);
        std::vector<std::vector<const Strand*>> byInput(m_plan.inputs.size());
        for (std::size_t i = 0; i < m_tangle.strands.size(); ++i) {
            const auto& strand = m_tangle.strands[i];
            if (findings.doesRun(i)) byInput[inputOf(strand.source)].push_back(&strand);
        }
        for (std::uint32_t input = 0; input < byInput.size(); ++input) {
            m_plan.inputs[input].strands = {sizeOf(m_plan.strands), sizeOf(byInput[input])};
            for (const auto* strand : byInput[input]) addStrand(*strand, input);
        }
    }

    void addStrand(const Strand& strand, std::uint32_t input)
    {
        const auto signals = signalsOf(m_tangle, strand);
        const auto outlets = outletsOf(strand);
        PlanStrand flat{.id = strand.id,
                        .insteadOf = strand.insteadOf,
                        .input = input,
                        .layer = static_cast<std::uint8_t>(placeOfLayer(m_tangle, strand.layer)),
                        .stages = {sizeOf(m_plan.stages), 0},
                        .outlets = {m_plan.outlets, sizeOf(outlets)},
                        .links = {sizeOf(m_plan.links), 0},
                        .presses = {sizeOf(m_plan.presses), 0},
                        .orders = {sizeOf(m_plan.orders), 0},
                        .whenAway = strand.whenAway,
                        .gives = signals.back()};
        for (std::size_t s = 0; s < strand.stages.size(); ++s) {
            if (!strand.stages[s].isOn) continue;
            addStage(
                strand.stages[s],
                {signals[s], [this](const Source& source) { return see(source); }, ledOf(strand)});
            m_plan.stages.back().turns =
                signals[s].kind != signals[s + 1].kind || forks(strand.stages[s].parameters);
            m_plan.stages.back().counts =
                m_plan.stages.back().turns && signals[s + 1].kind == ControlKind::Turner;
            ++flat.stages.count;
            flat.canMove = flat.canMove || canMove(m_plan.stages.back().runner);
        }
        m_plan.outlets += flat.outlets.count;
        for (const auto& end : strand.ends) {
            const auto named = std::ranges::find(outlets, end.outlet);
            const auto place = named == outlets.end() ? 0 : named - outlets.begin();
            EndSink sink(*this, end, static_cast<std::uint16_t>(place), signals.back(), flat);
            compileGoal(end.goal, sink);
        }
        flat.links.count = sizeOf(m_plan.links) - flat.links.first;
        flat.presses.count = sizeOf(m_plan.presses) - flat.presses.first;
        flat.orders.count = sizeOf(m_plan.orders) - flat.orders.first;
        m_plan.strands.push_back(std::move(flat));
        m_strands.push_back(&strand);
    }

    /// The outlets from which ends lead, of all of a strand's stages: only the last one has
    /// several.
    static std::vector<std::string> ledOf(const Strand& strand)
    {
        std::vector<std::string> led;
        for (const auto& end : strand.ends)
            led.push_back(end.outlet.empty() ? outletsOf(strand).front() : end.outlet);
        return led;
    }

    /// What one end of the strand that is being added is in the plan.
    class EndSink : public GoalSink
    {
     public:
        EndSink(Compiler& compiler, const End& end, std::uint16_t outlet, Signal signal,
                PlanStrand& flat)
            : m_compiler(compiler), m_end(end), m_outlet(outlet), m_signal(signal), m_flat(flat)
        {
        }

        void lead(const Target& place) override
        {
            auto& link = m_compiler.addLink(place, m_outlet);
            if (link.isAxis) m_compiler.scale(link, m_signal.sides, m_end.part);
            if (link.isButton && m_signal.kind == ControlKind::Button) press(link);
            if (!link.isTurner) return;
            const auto& device = *findDevice(m_compiler.m_tangle, place.device);
            if (const auto finer = otherWheelOf(place.control, device))
                m_compiler.addLink({place.device, finer->wheel}, m_outlet).scale = finer->scale;
        }
        void press(const std::vector<Target>& keys) override
        {
            m_flat.hasChord = m_flat.hasChord || m_end.how == How::Held;
            for (const auto& key : keys) lead(key);
        }
        void engage(const std::string& layer) override
        {
            const auto place = placeOfLayer(m_compiler.m_tangle, layer);
            press(m_compiler.addLinkTo(m_compiler.m_plan.layers[place].output, m_outlet));
        }
        void order(Deed deed) override { add(deed, 0); }
        void orderAxis(Deed deed, const Target& axis) override
        {
            add(deed, m_compiler.outputOf(axis));
        }
        void orderLayer(Deed deed, const std::string& layer) override
        {
            add(deed, placeOfLayer(m_compiler.m_tangle, layer));
        }
        void orderCraft(Deed deed, const std::string& craft) override
        {
            add(deed, placeOfCraft(m_compiler.m_tangle, craft));
        }

     private:
        /// All links of an end that gives pulses are one performer's.
        void press(PlanLink& link)
        {
            if (m_end.how == How::Held) return;
            auto& plan = m_compiler.m_plan;
            if (m_press == kNoPress) {
                m_press = sizeOf(plan.presses);
                plan.presses.push_back(
                    {{sizeOf(plan.links) - 1, 0}, m_outlet, m_end.how, milliseconds(m_end.pulse)});
            }
            link.press = m_press;
            ++plan.presses[m_press].links.count;
        }
        void add(Deed deed, std::size_t what)
        {
            m_compiler.m_plan.orders.push_back({m_outlet, deed, static_cast<std::uint32_t>(what)});
        }

        Compiler& m_compiler;
        const End& m_end;
        std::uint16_t m_outlet;
        Signal m_signal;
        PlanStrand& m_flat;
        std::uint32_t m_press = kNoPress;
    };

    PlanLink& addLink(const Target& target, std::uint16_t outlet)
    {
        return addLinkTo(outputOf(target), outlet);
    }

    PlanLink& addLinkTo(std::uint32_t output, std::uint16_t outlet)
    {
        const auto& layout = m_plan.outputs[output].layout;
        m_plan.outputs[output].links.push_back(sizeOf(m_plan.links));
        return m_plan.links.emplace_back(
            PlanLink{.strand = sizeOf(m_plan.strands),
                     .output = output,
                     .outlet = outlet,
                     .isAxis = layout.control.kind == ControlKind::Axis,
                     .isButton = layout.control.kind == ControlKind::Button,
                     .isTurner = layout.control.kind == ControlKind::Turner,
                     .isFollowed = m_plan.outputs[output].isFollowed()});
    }

    /// The full travel of what comes goes to that of the virtual axis, or of one half of it.
    void scale(PlanLink& link, Sides from, Part part) const
    {
        const auto to = part == Part::Whole ? m_plan.outputs[link.output].layout.sides : Sides::One;
        link.offset = convertSides(0.0, from, to);
        link.scale = convertSides(1.0, from, to) - link.offset;
        if (part != Part::Lower) return;
        link.offset = -link.offset;
        link.scale = -link.scale;
    }

    void addStage(const Stage& stage, const StageInput& input)
    {
        PlanStage flat{.runner = prepare(stage.parameters, input)};
        if (stage.when) flat.when = whenOf(*stage.when);
        forEachControl(stage.parameters, [&](const auto&, const auto& source) {
            if (const auto seen = input.find(source)) watch(seen->input);
        });
        m_plan.stages.push_back(std::move(flat));
    }

    /// Its control is there, since the strand has no errors.
    PlanWhen whenOf(const When& when)
    {
        if (!when.layer.empty()) {
            const auto layer = static_cast<std::uint32_t>(placeOfLayer(m_tangle, when.layer));
            m_layerWatchers.insert({layer, sizeOf(m_plan.strands)});
            return {layer, Waits::Layer, when.isOff};
        }
        if (!when.output) {
            const auto input = inputOf(when.control);
            watch(input);
            return {input, Waits::Input, when.isOff};
        }
        const auto output = outputOf(*when.output);
        m_outputWatchers.insert({output, sizeOf(m_plan.strands)});
        return {output, Waits::Output, when.isOff};
    }

    /// The strand that is being added is run again when the other control moves.
    void watch(std::uint32_t input) { m_inputWatchers.insert({input, sizeOf(m_plan.strands)}); }

    void addWatchers()
    {
        for (const auto& [input, strand] : m_inputWatchers) {
            if (m_plan.strands[strand].input == input) continue;  // it is run anyway
            addWatcher(m_plan.inputs[input].watchers, strand);
        }
        for (const auto& [output, strand] : m_outputWatchers)
            addWatcher(m_plan.outputs[output].watchers, strand);
        for (const auto& [layer, strand] : m_layerWatchers)
            addWatcher(m_plan.layers[layer].watchers, strand);
    }

    void addWatcher(Run& run, std::uint32_t strand)
    {
        if (run.count++ == 0) run.first = sizeOf(m_plan.watchers);
        m_plan.watchers.push_back(strand);
    }

    std::optional<SeenControl> see(const Source& source) const
    {
        const auto* controller = findController(m_tangle, source.controller);
        if (!controller) return std::nullopt;
        const auto place = m_plan.inputOf(
            static_cast<std::size_t>(controller - m_tangle.rig.data()), source.control);
        if (!place) return std::nullopt;
        const auto& control = m_plan.inputs[*place].control;
        return SeenControl{*place, control.kind, control.sides};
    }

    std::uint32_t inputOf(const Source& source) const
    {
        const auto* controller = findController(m_tangle, source.controller);
        return *m_plan.inputOf(static_cast<std::size_t>(controller - m_tangle.rig.data()),
                               source.control);
    }

    std::uint32_t outputOf(const Target& target) const
    {
        const auto device =
            static_cast<std::size_t>(findDevice(m_tangle, target.device) - m_tangle.devices.data());
        auto output = m_plan.outputsOfDevice[device].first;
        while (m_plan.outputs[output].layout.control != target.control) ++output;
        return output;
    }

    void orderById()
    {
        auto& order = m_plan.strandsById;
        order.resize(m_plan.strands.size());
        std::iota(order.begin(), order.end(), 0U);
        std::ranges::sort(order, {}, [this](std::uint32_t i) -> const std::string& {
            return m_plan.strands[i].id;
        });
    }

    const Tangle& m_tangle;
    Plan m_plan;
    std::set<std::pair<std::uint32_t, std::uint32_t>> m_inputWatchers;   ///< input and strand
    std::set<std::pair<std::uint32_t, std::uint32_t>> m_outputWatchers;  ///< output and strand
    std::set<std::pair<std::uint32_t, std::uint32_t>> m_layerWatchers;   ///< layer and strand
    std::vector<const Strand*> m_strands;  ///< of the tangle, in the plan's order
};

}  // namespace

std::optional<std::uint32_t> Plan::inputOf(std::size_t rig, ControlCode code) const
{
    auto at = std::ranges::lower_bound(inputs, rig, {}, &PlanInput::rig);
    for (; at != inputs.end() && at->rig == rig; ++at) {
        if (at->control.code == code) return static_cast<std::uint32_t>(at - inputs.begin());
    }
    return std::nullopt;
}

std::optional<std::uint32_t> Plan::outputOf(const Target& place) const
{
    const auto found = std::ranges::find_if(outputs, [&](const PlanOutput& output) {
        return output.device != kNoDevice && output.place == place;
    });
    if (found == outputs.end()) return std::nullopt;
    return static_cast<std::uint32_t>(found - outputs.begin());
}

Plan compile(const Tangle& tangle)
{
    return Compiler(tangle).run();
}

}  // namespace jolly
