# Every warning we build with; none may be left.
add_library(jolly_warnings INTERFACE)
target_compile_options(jolly_warnings INTERFACE
  -Wall -Wextra -Wpedantic -Wshadow -Wconversion -Wold-style-cast -Werror)
