// SPDX-License-Identifier: GPL-3.0-or-later
#include "format/sheet_text.h"
#include "fuzz.h"

using namespace jolly;

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size)
{
    fuzz::readTwice(fuzz::textOf(data, size), format::readSheet, format::writeSheet,
                    &format::ReadSheet::sheet);
    return 0;
}
