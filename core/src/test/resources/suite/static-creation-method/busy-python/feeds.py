import urllib.request


class Feed:
    def __init__(self, url, _key=None):
        if _key is not Feed._key:
            raise TypeError("use Feed.of")
        self.url = url
        self.text = urllib.request.urlopen(url).read()

    _key = object()

    @classmethod
    def of(cls, url):
        return cls(url, cls._key)

    def lines(self):
        return self.text.splitlines()


print(len(Feed.of("http://port.example/ships").lines()))
