from notices import StormNotice, TideNotice


class Board:
    def __init__(self):
        self.notices = [StormNotice(), TideNotice()]

    def show(self):
        for notice in self.notices:
            part = notice.run()
            if not part.draw():
                print(notice.warn("empty").tell())
