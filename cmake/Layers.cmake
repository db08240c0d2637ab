# Reads layers.txt and refuses a link between layers that it does not allow.

set(JOLLY_LAYERS_FILE "${CMAKE_CURRENT_LIST_DIR}/layers.txt")
if(NOT CMAKE_SCRIPT_MODE_FILE)
  set_property(DIRECTORY APPEND PROPERTY CMAKE_CONFIGURE_DEPENDS "${JOLLY_LAYERS_FILE}")
endif()

# Sets `result` to the layers that `layer` may use.
function(jolly_allowed_layers layer result)
  file(STRINGS "${JOLLY_LAYERS_FILE}" line REGEX "^${layer} *\\|")
  if(NOT line)
    message(FATAL_ERROR "Layer '${layer}' is not in cmake/layers.txt: add a line for it.")
  endif()
  string(REGEX REPLACE "^[^|]*\\|([^|]*)\\|.*$" "\\1" names "${line}")
  string(REGEX MATCHALL "[a-z]+" names "${names}")
  set(${result} "${names}" PARENT_SCOPE)
endfunction()

# Stops the configuration when `layer` uses a layer that layers.txt does not allow.
function(jolly_check_layers layer)
  jolly_allowed_layers(${layer} allowed)
  foreach(used IN LISTS ARGN)
    if(NOT used IN_LIST allowed)
      message(FATAL_ERROR "Layer '${layer}' must not use '${used}': cmake/layers.txt allows '${allowed}'.")
    endif()
  endforeach()
endfunction()
