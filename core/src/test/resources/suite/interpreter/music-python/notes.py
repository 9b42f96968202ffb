class Phrase:
    def sound(self, tempo):
        raise NotImplementedError


class Note(Phrase):
    def __init__(self, pitch, beats):
        self.pitch = pitch
        self.beats = beats

    def sound(self, tempo):
        return [(self.pitch, self.beats * 60 / tempo)]


class Rest(Phrase):
    def __init__(self, beats):
        self.beats = beats

    def sound(self, tempo):
        return [(None, self.beats * 60 / tempo)]


class Sequence(Phrase):
    def __init__(self, *parts):
        self.parts = parts

    def sound(self, tempo):
        result = []
        for part in self.parts:
            result += part.sound(tempo)
        return result


class Repeat(Phrase):
    def __init__(self, part, times):
        self.part = part
        self.times = times

    def sound(self, tempo):
        return self.part.sound(tempo) * self.times
