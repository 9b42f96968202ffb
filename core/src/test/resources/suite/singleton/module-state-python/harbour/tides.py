from harbour.clock import clock


def next_tide():
    return clock().now() + 6 * 3600


clock().offset = 120
print(next_tide())
