from styles import FlagPaint, Paint, PaintOfTheDay


def paint_of(day: int) -> Paint:
    return PaintOfTheDay(lambda: FlagPaint() if day == 6 else None)
