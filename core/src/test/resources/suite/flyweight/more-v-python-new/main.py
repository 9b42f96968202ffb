from icons import Icon, Toolbar

Toolbar(["open", "save"]).paint()
assert Icon("open") is Icon("open")
