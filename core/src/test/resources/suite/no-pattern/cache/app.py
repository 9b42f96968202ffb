from cache import ChartCache, Screen

screen = Screen(ChartCache())
print(screen.show("north"))
