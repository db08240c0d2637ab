// SPDX-License-Identifier: GPL-3.0-or-later
#include "format/sheet_text.h"
#include "fuzz.h"

using namespace jolly;

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size)
{
    const auto read = format::readSheet(fuzz::textOf(data, size));
    fuzz::expectReadable(read.problems, !read.isReadable);
    if (!read.isReadable) return 0;
    const auto again = format::readSheet(format::writeSheet(read.sheet));
    fuzz::expect(again.isReadable && again.sheet == read.sheet, "what is written is read alike");
    return 0;
}
