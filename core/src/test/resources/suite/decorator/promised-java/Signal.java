interface Signal { String text(); }
class Lamp implements Signal { public String text() { return "lamp"; } }
abstract class Wrapping implements Signal { protected abstract Signal inner(); public String text() { return inner().text(); } }
class Blinking extends Wrapping { private final Signal inner; Blinking(Signal inner) { this.inner = inner; } protected Signal inner() { return inner; } public String text() { return "blinking " + inner.text(); } }
class Red extends Wrapping { private final Signal inner; Red(Signal inner) { this.inner = inner; } protected Signal inner() { return inner; } public String text() { return "red " + super.text(); } }
class Show { String show() { Signal signal = new Red(new Blinking(new Lamp())); return signal.text(); } }
