from shapes import Can, MarkMaker

class ChartEditor:
    def __init__(self, maker: MarkMaker):
        self._maker = maker
        self._marks = [Can()]

    def place(self, kind):
        mark = self._maker.create(kind)
        self._marks.append(mark)
        return mark.draw()
