import java.util.*;
interface Note { void play(); }
class Tone implements Note { private int n; public void play() { n++; } }
class Tune implements Note { private final List<Note> notes = new ArrayList<>(); void add(Note n) { notes.add(n); } public void play() { for (Note n : notes) n.play(); } }
class Band { void start(Note n) { n.play(); } }
