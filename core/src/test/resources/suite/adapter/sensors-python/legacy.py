class WireProbe:
    def __init__(self, port):
        self.port = port
        self.raw = 2731

    def read_tenths(self):
        return self.raw

    def port_name(self):
        return "port-%d" % self.port
