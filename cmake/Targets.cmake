# One function per kind of target. Each takes the files of its own folder.

# A layer of src/: a library, or headers only. LAYERS are checked against layers.txt.
function(jolly_layer name)
  cmake_parse_arguments(arg "" "" "LAYERS;PACKAGES;PRIVATE_PACKAGES;GENERATED" ${ARGN})
  jolly_check_layers(${name} ${arg_LAYERS})
  list(TRANSFORM arg_LAYERS PREPEND jolly_)
  file(GLOB_RECURSE sources CONFIGURE_DEPENDS *.cpp *.h)
  list(FILTER sources EXCLUDE REGEX "/main\\.cpp$")
  if("${sources}" MATCHES "\\.cpp")
    add_library(jolly_${name} STATIC ${sources} ${arg_GENERATED})
    target_include_directories(jolly_${name} PUBLIC "${PROJECT_SOURCE_DIR}/src")
    target_link_libraries(jolly_${name} PUBLIC ${arg_LAYERS} ${arg_PACKAGES}
                                        PRIVATE ${arg_PRIVATE_PACKAGES} jolly_warnings)
    jolly_precompile(jolly_${name})
    jolly_batch_by_folder(jolly_${name} ${sources})
  else()
    add_library(jolly_${name} INTERFACE)
    target_include_directories(jolly_${name} INTERFACE "${PROJECT_SOURCE_DIR}/src")
    target_link_libraries(jolly_${name} INTERFACE ${arg_LAYERS} ${arg_PACKAGES})
  endif()
endfunction()

# A program of src/: main.cpp of this folder, linked with the folder's own layer, installed in FOLDER.
function(jolly_program name layer folder)
  add_executable(${name} main.cpp)
  target_link_libraries(${name} PRIVATE jolly_${layer} jolly_warnings)
  set_target_properties(${name} PROPERTIES RUNTIME_OUTPUT_DIRECTORY "${PROJECT_BINARY_DIR}/bin")
  install(TARGETS ${name} RUNTIME DESTINATION ${folder})
endfunction()

# Tests of one folder: every *_test.cpp becomes part of one GoogleTest program.
# ENVIRONMENT holds variables, LAUNCHER a command to run the program under.
function(jolly_tests name)
  cmake_parse_arguments(arg "" "" "LINKS;ENVIRONMENT;LAUNCHER" ${ARGN})
  file(GLOB sources CONFIGURE_DEPENDS *_test.cpp)
  add_executable(${name}_tests ${sources})
  target_link_libraries(${name}_tests PRIVATE ${arg_LINKS} jolly_test_support jolly_warnings)
  set_target_properties(${name}_tests PROPERTIES RUNTIME_OUTPUT_DIRECTORY "${PROJECT_BINARY_DIR}/tests")
  jolly_precompile(${name}_tests)
  if(arg_LAUNCHER)
    add_test(NAME ${name} COMMAND ${arg_LAUNCHER} $<TARGET_FILE:${name}_tests>)
  else()
    add_test(NAME ${name} COMMAND ${name}_tests)
  endif()
  set_tests_properties(${name} PROPERTIES ENVIRONMENT "${arg_ENVIRONMENT}" TIMEOUT 1200)
endfunction()

# Where a preset compiles files in batches (CMAKE_UNITY_BUILD), those of one folder go together: so a
# new file changes the batch of its own folder only, and names have to differ within a folder.
function(jolly_batch_by_folder target)
  set_target_properties(${target} PROPERTIES UNITY_BUILD_MODE GROUP)
  foreach(source IN LISTS ARGN)
    cmake_path(GET source PARENT_PATH folder)
    cmake_path(GET folder FILENAME folder)
    set_source_files_properties(${source} PROPERTIES UNITY_GROUP ${folder})
  endforeach()
endfunction()

# The standard headers that nearly every file uses. ccache knows them by the .sum, since the compiled
# headers differ from folder to folder; they change with the compiler alone.
function(jolly_precompile target)
  set(headers <algorithm> <array> <chrono> <cmath> <cstdint> <functional> <map> <memory> <optional> <span>
              <string> <string_view> <variant> <vector>)
  target_precompile_headers(${target} PRIVATE ${headers})
  file(WRITE "${CMAKE_CURRENT_BINARY_DIR}/CMakeFiles/${target}.dir/cmake_pch.hxx.gch.sum"
       "${CMAKE_CXX_COMPILER_VERSION} ${headers}")
endfunction()
