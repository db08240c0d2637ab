// SPDX-License-Identifier: GPL-3.0-or-later
#include <atspi/atspi.h>

#include <cstring>
#include <iostream>
#include <string>

/// Prints what a screen reader gets of a program through AT-SPI, a line each: "role: name", or
/// "role: <unnamed in NAMES>".
/// Usage: screen_reader PROGRAM
namespace
{

constexpr int kDeepest = 40;

struct Text {
    explicit Text(char* got) : words(got ? got : "") { g_free(got); }
    std::string words;
};

bool isVisible(AtspiAccessible* thing)
{
    auto* states = atspi_accessible_get_state_set(thing);
    const bool is = states && atspi_state_set_contains(states, ATSPI_STATE_VISIBLE);
    if (states) g_object_unref(states);
    return is;
}

/// @param within  the names of what it is in.
void print(AtspiAccessible* thing, const std::string& within, int depth)
{
    const Text role(atspi_accessible_get_role_name(thing, nullptr));
    const Text name(atspi_accessible_get_name(thing, nullptr));
    std::cout << role.words << ": "
              << (name.words.empty() ? "<unnamed in" + within + ">" : name.words) << "\n";
    const auto inner = name.words.empty() ? within : within + " / " + name.words;
    const int count = atspi_accessible_get_child_count(thing, nullptr);
    for (int i = 0; i < count && depth < kDeepest; ++i) {
        auto* child = atspi_accessible_get_child_at_index(thing, i, nullptr);
        if (!child) continue;
        if (isVisible(child)) print(child, inner, depth + 1);
        g_object_unref(child);
    }
}

}  // namespace

int main(int argc, char** argv)
{
    if (argc != 2 || atspi_init() > 1) return 2;
    auto* desktop = atspi_get_desktop(0);
    const int count = atspi_accessible_get_child_count(desktop, nullptr);
    for (int i = 0; i < count; ++i) {
        auto* program = atspi_accessible_get_child_at_index(desktop, i, nullptr);
        if (!program) continue;
        if (Text(atspi_accessible_get_name(program, nullptr)).words == argv[1])
            print(program, "", 0);
        g_object_unref(program);
    }
    return 0;
}
