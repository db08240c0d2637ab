// SPDX-License-Identifier: GPL-3.0-or-later
#pragma once

#include "core/tangle/stage.h"

#include <type_traits>

/// The parameters of a stage of any kind by their keys.
namespace jolly::app
{

/// Calls `use` with the member that `key` names, when it is a T.
template <class T, class Use>
void withField(StageParameters& parameters, std::string_view key, Use&& use)
{
    std::visit(
        [&](auto& p) {
            p.fields(p, [&](const auto& spec, auto& value) {
                if constexpr (std::is_same_v<std::decay_t<decltype(value)>, T>) {
                    if (spec.key == key) use(value);
                }
            });
        },
        parameters);
}

/// Calls `use` with the enumeration that `key` names.
template <class Use>
void withChoice(StageParameters& parameters, std::string_view key, Use&& use)
{
    std::visit(
        [&](auto& p) {
            p.fields(p, [&](const auto& spec, auto& value) {
                if constexpr (std::is_enum_v<std::decay_t<decltype(value)>>) {
                    if (spec.key == key) use(value);
                }
            });
        },
        parameters);
}

template <class T>
[[nodiscard]] T fieldOf(const Stage& stage, std::string_view key)
{
    auto copy = stage.parameters;
    T result{};
    withField<T>(copy, key, [&](const T& value) { result = value; });
    return result;
}

}  // namespace jolly::app
