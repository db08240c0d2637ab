cmake_minimum_required(VERSION 3.25)
include(${JOLLY_CMAKE_DIR}/Layers.cmake)
jolly_check_layers(format core)
jolly_check_layers(core format)
