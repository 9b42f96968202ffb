class Filter:
    def __init__(self, next_filter=None):
        self._next = next_filter

    def apply(self, text):
        raise NotImplementedError


class Trim(Filter):
    def apply(self, text):
        if not text:
            return ""
        return self._next.apply(text.strip())


class Lower(Filter):
    def apply(self, text):
        if text.islower():
            return text
        return self._next.apply(text.lower())


class Final(Filter):
    def apply(self, text):
        return text
