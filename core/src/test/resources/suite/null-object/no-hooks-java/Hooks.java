interface Hooks { void before(); void after(); }
class Adapter implements Hooks { public void before() { } public void after() { } }
class Counting extends Adapter { private int n; public void after() { n++; } }
class Real implements Hooks { private int n; public void before() { n++; } public void after() { n--; } }
class Runner { private final Hooks hooks; Runner(Hooks h) { hooks = h; } void run() { hooks.before(); hooks.after(); } }
class Main { void go() { new Runner(new Counting()).run(); new Runner(new Real()).run(); new Runner(new Adapter()).run(); } }
