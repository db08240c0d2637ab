// SPDX-License-Identifier: GPL-3.0-or-later
#include <SDL.h>

#include <cstdio>
#include <cstring>

/// What a game that uses SDL sees of a joystick: its counts, then every change.
/// Usage: sdl_reader NAME
int main(int argc, char** argv)
{
    if (argc < 2 || SDL_Init(SDL_INIT_JOYSTICK) != 0) return 2;
    SDL_Joystick* stick = nullptr;
    SDL_Event event;
    while (true) {
        for (int i = 0; !stick && i < SDL_NumJoysticks(); ++i) {
            if (std::strcmp(SDL_JoystickNameForIndex(i), argv[1]) != 0) continue;
            stick = SDL_JoystickOpen(i);
            std::printf("%s: %d axes, %d buttons, %d hats, controller %d\n", argv[1],
                        SDL_JoystickNumAxes(stick), SDL_JoystickNumButtons(stick),
                        SDL_JoystickNumHats(stick), SDL_IsGameController(i));
            for (int a = 0; a < SDL_JoystickNumAxes(stick); ++a)
                std::printf("start axis %d %d\n", a, SDL_JoystickGetAxis(stick, a));
        }
        while (SDL_WaitEventTimeout(&event, 10) != 0) {
            if (event.type == SDL_JOYAXISMOTION)
                std::printf("axis %d %d\n", event.jaxis.axis, event.jaxis.value);
            if (event.type == SDL_JOYBUTTONDOWN)
                std::printf("button %d down\n", event.jbutton.button);
            if (event.type == SDL_JOYBUTTONUP) std::printf("button %d up\n", event.jbutton.button);
            if (event.type == SDL_JOYHATMOTION)
                std::printf("hat %d %d\n", event.jhat.hat, event.jhat.value);
            if (event.type == SDL_JOYDEVICEREMOVED) std::printf("removed\n");
            if (event.type == SDL_QUIT) return 0;
        }
        std::fflush(stdout);
    }
}
