import logging


def _tell(watch, barge):
    try:
        watch.moored(barge)
    except Exception:
        logging.exception("a watch failed")


class Quay:
    def __init__(self):
        self._watches = []

    def join(self, watch):
        self._watches.append(watch)

    def leave(self, watch):
        self._watches.remove(watch)

    def moor(self, barge):
        for watch in list(self._watches):
            _tell(watch, barge)
