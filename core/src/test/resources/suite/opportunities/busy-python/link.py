import socket


class Link:
    def __init__(self, host):
        self.host = host
        self.socket = socket.create_connection((host, 80))
        self.socket.send(b"hello")

    def close(self):
        self.socket.close()


class Plain:
    def __init__(self, name):
        self.name = name
