# JOLLY_SANITIZE is set by the presets asan and tsan.
set(JOLLY_SANITIZE "" CACHE STRING "Sanitizers to build with, as for -fsanitize")
if(JOLLY_SANITIZE)
  add_compile_options(-fsanitize=${JOLLY_SANITIZE} -fno-omit-frame-pointer)
  add_link_options(-fsanitize=${JOLLY_SANITIZE})
  if(JOLLY_SANITIZE STREQUAL thread)
    add_compile_options(-Wno-tsan)  # it does not know fences; what they order is atomic throughout
  endif()
endif()
