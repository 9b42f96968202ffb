from labels import Label

marks = [Label("wreck", "red") for _ in range(100)] + [Label("buoy", "green")]
print(len({id(mark) for mark in marks}), marks[0].draw(1, 2))
