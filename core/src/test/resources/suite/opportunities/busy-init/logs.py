import socket


class TideFeed:
    def __init__(self, host, port):
        self._host = host
        self._socket = socket.create_connection((host, port))
        self._socket.sendall(b"hello")
        self._greeting = self._socket.recv(64)

    def next(self):
        return self._socket.recv(256)
