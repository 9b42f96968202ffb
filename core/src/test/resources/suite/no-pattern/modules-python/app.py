class Module:
    def start(self):
        raise NotImplementedError

    def stop(self):
        pass


class Mailer(Module):
    def __init__(self):
        self.open = False

    def start(self):
        self.open = True


class Clock(Module):
    def __init__(self):
        self.ticks = 0

    def start(self):
        self.ticks = 1


class App:
    def __init__(self, modules):
        self.modules = list(modules)

    def start(self):
        for module in self.modules:
            module.start()

    def stop(self):
        for module in reversed(self.modules):
            module.stop()
