#include "core/value/value.h"
#include "format/place.h"

#include <sys/time.h>

#include <thread>
#include <vector>
