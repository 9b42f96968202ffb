import socket


class RadarStation:
    def __init__(self, host, registry):
        self.host = host
        self.link = socket.create_connection((host, 4000))
        registry.register(self)
        self.start()

    def start(self):
        self.running = True
