class LightButton { draw() { return "[light]"; } }
class DarkButton { draw() { return "[dark]"; } }
class LightField { draw() { return "light____"; } }
class DarkField { draw() { return "dark____"; } }

class Theme {
  button() { throw new Error("not given"); }
  field() { throw new Error("not given"); }
}

class LightTheme extends Theme {
  button() { return new LightButton(); }
  field() { return new LightField(); }
}

class DarkTheme extends Theme {
  button() { return new DarkButton(); }
  field() { return new DarkField(); }
}

module.exports = { Theme, LightTheme, DarkTheme, LightButton, DarkButton };
