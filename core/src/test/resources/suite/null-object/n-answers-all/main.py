import sys

from solver import Solver
from tracing import Tracer

Solver(Tracer(sys.stdout)).solve([3, 1])
Solver().solve([2])
