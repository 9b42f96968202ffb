import functools
import time


def timed(function):
    @functools.wraps(function)
    def wrapper(*args, **kwargs):
        begin = time.perf_counter()
        try:
            return function(*args, **kwargs)
        finally:
            print(function.__name__, time.perf_counter() - begin)

    return wrapper


def retried(times):
    def around(function):
        @functools.wraps(function)
        def wrapper(*args, **kwargs):
            for _ in range(times - 1):
                try:
                    return function(*args, **kwargs)
                except OSError:
                    pass
            return function(*args, **kwargs)

        return wrapper

    return around
