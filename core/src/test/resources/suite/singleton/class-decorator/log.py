def singleton(cls):
    instances = {}

    def get(*args, **kwargs):
        if cls not in instances:
            instances[cls] = cls(*args, **kwargs)
        return instances[cls]

    return get


@singleton
class HarbourLog:
    def __init__(self):
        self.lines = []

    def write(self, line):
        self.lines.append(line)
