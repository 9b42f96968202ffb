from timing import retried, timed


@timed
@retried(3)
def fetch(path):
    with open(path) as file:
        return file.read()
