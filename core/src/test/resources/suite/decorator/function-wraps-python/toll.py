import functools


def logged(fee):
    @functools.wraps(fee)
    def wrapper(tons):
        print("asked for", tons)
        return fee(tons)

    return wrapper


def with_night_rate(fee):
    def wrapper(tons):
        return fee(tons) * 1.5

    return wrapper


def plain_fee(tons):
    return tons * 4


if __name__ == "__main__":
    night = with_night_rate(logged(plain_fee))
    print(night(12))
