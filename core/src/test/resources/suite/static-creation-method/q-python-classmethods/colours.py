class Colour:
    _token = object()

    def __init__(self, red, green, blue, *, _token=None):
        if _token is not Colour._token:
            raise TypeError("use Colour.rgb or Colour.hex")
        self.red = red
        self.green = green
        self.blue = blue

    @classmethod
    def rgb(cls, red, green, blue):
        return cls(red, green, blue, _token=cls._token)

    @classmethod
    def hex(cls, text):
        text = text.lstrip("#")
        return cls(*(int(text[i:i + 2], 16) for i in (0, 2, 4)), _token=cls._token)

    def mixed(self, other):
        return Colour.rgb((self.red + other.red) // 2, (self.green + other.green) // 2, (self.blue + other.blue) // 2)
