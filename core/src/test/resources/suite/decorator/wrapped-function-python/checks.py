import functools
import time


def timed(check):
    @functools.wraps(check)
    def run(ship):
        begun = time.perf_counter()
        try:
            return check(ship)
        finally:
            print(f"{check.__name__}: {time.perf_counter() - begun:.3f} s")

    return run


def repeated(times):
    def around(check):
        @functools.wraps(check)
        def run(ship):
            return all(check(ship) for _ in range(times))

        return run

    return around


@timed
def papers(ship):
    return bool(ship.get("papers"))


@timed
@repeated(2)
def draught(ship):
    return ship.get("draught", 0) < 9


print(papers({"papers": 1}), draught({"draught": 4}))
