import logging

from etl.sources import Source, open_source
from etl.steps import Pipeline, Rename, Require

log = logging.getLogger(__name__)


class Loader:
    def __init__(self, source: Source, step):
        self._source = source
        self._step = step
        self.loaded = []
        self.skipped = 0

    def run(self):
        for row in self._source.rows():
            row = self._step(row)
            if row is None:
                self.skipped += 1
                continue
            self.loaded.append(row)
        log.info("%d loaded", len(self.loaded))


def main(path):
    loader = Loader(open_source(path), Pipeline(Rename(Ship="ship"), Require("ship", "eta")))
    loader.run()
    return loader.loaded
