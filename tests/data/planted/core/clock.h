#include <thread>
#include <vector>
#include <sys/time.h>
#include "format/place.h"
#include "core/value/value.h"
