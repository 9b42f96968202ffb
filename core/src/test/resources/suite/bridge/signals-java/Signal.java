interface Medium { void show(String word); }
class Lamp implements Medium { private int n; public void show(String word) { n += word.length(); } }
class Flag implements Medium { private String last; public void show(String word) { last = word; } }
abstract class Signal {
    protected final Medium medium;
    Signal(Medium medium) { this.medium = medium; }
    void say(String word) { medium.show(word); }
    abstract void send();
}
class Warning extends Signal { Warning(Medium m) { super(m); } void send() { say("danger"); say("danger"); } }
class Greeting extends Signal { Greeting(Medium m) { super(m); } void send() { say("hello"); } }
class Harbour { void day() { new Warning(new Lamp()).send(); new Greeting(new Flag()).send(); } }
