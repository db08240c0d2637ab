#include <SDL.h>

#include <cstdio>
#include <cstdlib>
#include <cstring>

namespace
{

/// Tells what there is to a joystick, and its counts, once it is opened.
void open(int index)
{
    auto* stick = SDL_JoystickOpen(index);
    const char* name = SDL_JoystickNameForIndex(index);
    char guid[40] = {};
    SDL_JoystickGetGUIDString(SDL_JoystickGetDeviceGUID(index), guid, sizeof guid);
    std::printf("%s: %d axes, %d buttons, %d hats, controller %d\n", name,
                SDL_JoystickNumAxes(stick), SDL_JoystickNumButtons(stick),
                SDL_JoystickNumHats(stick), SDL_IsGameController(index));
    std::printf("guid %s %s\n", guid, name);
    for (int a = 0; a < SDL_JoystickNumAxes(stick); ++a)
        std::printf("start axis %d %d\n", a, SDL_JoystickGetAxis(stick, a));
}

/// A game that looks at a joystick 60 times a second and counts how often it finds a button newly
/// pressed; tells it whenever it grew.
int poll(const char* name, int button)
{
    SDL_Joystick* stick = nullptr;
    bool wasDown = false;
    int presses = 0;
    while (true) {
        SDL_JoystickUpdate();
        for (int i = 0; !stick && i < SDL_NumJoysticks(); ++i) {
            if (std::strcmp(SDL_JoystickNameForIndex(i), name) != 0) continue;
            stick = SDL_JoystickOpen(i);
            std::printf("polls %s\n", name);
        }
        const bool isDown = stick && SDL_JoystickGetButton(stick, button) != 0;
        if (isDown && !wasDown) std::printf("press %d\n", ++presses);
        wasDown = isDown;
        std::fflush(stdout);
        SDL_Delay(1000 / 60);
    }
}

}  // namespace

/// What a game that uses SDL sees of joysticks: their counts, then every change, with the number of
/// the joystick in front unless one is named.
/// Usage: sdl_reader [NAME [BUTTON]]; with a button it polls that one.
int main(int argc, char** argv)
{
    if (SDL_Init(SDL_INIT_JOYSTICK | SDL_INIT_GAMECONTROLLER) != 0) return 2;
    if (argc > 2) return poll(argv[1], std::atoi(argv[2]));
    SDL_Event event;
    bool isOpen = false;
    std::printf("started with %d\n", SDL_NumJoysticks());
    while (true) {
        while (SDL_WaitEventTimeout(&event, 10) != 0) {
            char which[32] = {};
            if (argc < 2) std::snprintf(which, sizeof which, "joystick %d ", event.jaxis.which);
            if (event.type == SDL_JOYDEVICEADDED && !isOpen) {
                const char* name = SDL_JoystickNameForIndex(event.jdevice.which);
                if (argc > 1 && std::strcmp(name, argv[1]) != 0) continue;
                open(event.jdevice.which);
                isOpen = argc > 1;
            }
            if (event.type == SDL_JOYAXISMOTION)
                std::printf("%saxis %d %d\n", which, event.jaxis.axis, event.jaxis.value);
            if (event.type == SDL_JOYBUTTONDOWN)
                std::printf("%sbutton %d down\n", which, event.jbutton.button);
            if (event.type == SDL_JOYBUTTONUP)
                std::printf("%sbutton %d up\n", which, event.jbutton.button);
            if (event.type == SDL_JOYHATMOTION)
                std::printf("%shat %d %d\n", which, event.jhat.hat, event.jhat.value);
            if (event.type == SDL_JOYDEVICEREMOVED) std::printf("%sremoved\n", which);
            if (event.type == SDL_QUIT) return 0;
        }
        std::fflush(stdout);
    }
}
