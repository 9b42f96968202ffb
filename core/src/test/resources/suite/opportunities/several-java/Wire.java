class Wire { private int sent; private final String to; Wire(String to) { this.to = to; } void send(String s) { sent++; } }
class Note { private int n; void add() { n++; } }
class Bridge { private final Wire wire = new Wire("harbour"); private final Note note = new Note(); void hail() { wire.send("hail"); note.add(); } }
class Engine { private final Wire wire = new Wire("harbour"); private final Note note = new Note(); void stop() { wire.send("stop"); note.add(); } }
