#include "ports/world.h"

#include <QWidget>
