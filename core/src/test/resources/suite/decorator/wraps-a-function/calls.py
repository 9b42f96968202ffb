import functools
import time


def logged(function):
    @functools.wraps(function)
    def inside(*args, **kwargs):
        print("before", function.__name__)
        result = function(*args, **kwargs)
        print("after")
        return result
    return inside


def timed(function):
    @functools.wraps(function)
    def inside(*args, **kwargs):
        start = time.monotonic()
        try:
            return function(*args, **kwargs)
        finally:
            print(time.monotonic() - start)
    return inside


@logged
@timed
def dues(metres, days):
    return metres * days * 2


@timed
def fee(metres):
    return metres + 10


print(dues(12, 3), fee(4))
