// SPDX-License-Identifier: GPL-3.0-or-later
#include "format/faceplate_text.h"
#include "fuzz.h"

using namespace jolly;

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size)
{
    fuzz::readTwice(fuzz::textOf(data, size), format::readFaceplate, format::writeFaceplate,
                    &format::ReadFaceplate::faceplate);
    return 0;
}
