#include <QWidget>
#include "ports/world.h"
