# Every warning we build with; none may be left. The four that are off see ghosts in std::string when
# GCC 12 optimises (GCC bugs 105329 and 105651). Our presets make them errors; whoever builds with
# another compiler or other options is only told.
option(JOLLY_WARNINGS_ARE_ERRORS "Stop at every warning" OFF)
add_library(jolly_warnings INTERFACE)
target_compile_options(jolly_warnings INTERFACE
  -Wall -Wextra -Wpedantic -Wshadow -Wconversion -Wold-style-cast
  -Wno-restrict -Wno-array-bounds -Wno-stringop-overflow -Wno-stringop-overread
  $<$<BOOL:${JOLLY_WARNINGS_ARE_ERRORS}>:-Werror>)
