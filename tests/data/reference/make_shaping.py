#!/usr/bin/python3
"""Reference values for the stages, computed without our code: python3 make_shaping.py > shaping.json

Needs Debian's python3-scipy. Sources: Fritsch and Carlson 1980 for the slopes, SciPy's
CubicHermiteSpline for the curve between them and its brentq for the inverse, numpy.roots for the
softness's inverse, and algorithms 1 and 2 of Casiez, Roussel and Vogel 2012 for the 1 Euro filter.
"""
import json
import math
import random

import numpy
from scipy.interpolate import CubicHermiteSpline
from scipy.optimize import brentq


def fritsch_carlson(x, y):
    secants = numpy.diff(y) / numpy.diff(x)
    slopes = numpy.empty(len(x))
    slopes[0], slopes[-1] = secants[0], secants[-1]
    for i in range(1, len(x) - 1):
        same = secants[i - 1] * secants[i] > 0
        slopes[i] = (secants[i - 1] + secants[i]) / 2 if same else 0
    for i, secant in enumerate(secants):
        if secant == 0:
            slopes[i] = slopes[i + 1] = 0
            continue
        alpha, beta = slopes[i] / secant, slopes[i + 1] / secant
        if alpha * alpha + beta * beta > 9:
            tau = 3 / math.sqrt(alpha * alpha + beta * beta)
            slopes[i], slopes[i + 1] = tau * alpha * secant, tau * beta * secant
    return slopes


def curves(draw):
    made = []
    for _ in range(12):
        count = draw.randint(3, 7)
        x = sorted(draw.uniform(-0.95, 0.95) for _ in range(count - 2))
        x = numpy.array([-1.0] + x + [1.0])
        if min(numpy.diff(x)) < 0.02:
            continue
        y = numpy.array(sorted(draw.uniform(-1, 1) for _ in x))
        spline = CubicHermiteSpline(x, y, fritsch_carlson(x, y))
        places = [draw.uniform(-1, 1) for _ in range(12)]
        wanted = [draw.uniform(y[0], y[-1]) for _ in range(12)]
        made.append({
            "points": [list(p) for p in zip(x.tolist(), y.tolist())],
            "curve": [[v, float(spline(v))] for v in places],
            "inverse": [[u, brentq(lambda v: float(spline(v)) - u, -1, 1, xtol=1e-13)] for u in wanted]})
    return made


def softness(draw):
    made = []
    for _ in range(40):
        s, u = draw.uniform(0.01, 1), draw.uniform(-1, 1)
        roots = numpy.roots([s, 0, 1 - s, -u])
        root = next(r.real for r in roots if abs(r.imag) < 1e-9 and abs(r.real) <= 1 + 1e-9)
        made.append([s, u, float(root)])
    return made


class LowPass:
    def __init__(self):
        self.last = None

    def filter(self, x, alpha):
        self.last = x if self.last is None else alpha * x + (1 - alpha) * self.last
        return self.last


def one_euro(draw):
    cutoff, beta = 1.5, 2.0
    x_filter, dx_filter, last, rows, t, x = LowPass(), LowPass(), None, [], 0.0, 0.0
    for i in range(200):
        spacing = draw.choice([0.001, 0.002, 0.004])
        t += spacing
        x = max(-1, min(1, x + draw.gauss(0, 0.004 if i % 50 < 40 else 0.05)))
        alpha = lambda fc: 1 / (1 + (1 / (2 * math.pi * fc)) / spacing)
        dx = 0.0 if last is None else (x - last) / spacing  # as in the authors' own code
        edx = dx_filter.filter(dx, alpha(1.0))
        out = x_filter.filter(x, alpha(cutoff + beta * abs(edx)))
        last = x
        rows.append([round(t, 6), x, out])
    return {"cutoff": cutoff, "beta": beta, "rows": rows}


draw = random.Random(1980)
print(json.dumps({"origin": __doc__.split("\n")[0], "curves": curves(draw), "softness": softness(draw),
                  "steady": one_euro(draw)}, indent=0))
