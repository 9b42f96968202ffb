import java.util.*;
class Line implements Iterable<String> {
    private final String[] stops = {"Quay", "Lock", "Light"};
    private final List<String> extra = new ArrayList<>();
    public List<String> extra() { return extra; }
    public Iterator<String> iterator() { return new Stops(); }
    private class Stops implements Iterator<String> {
        private int at;
        public boolean hasNext() { return at < stops.length; }
        public String next() { if (at == stops.length) throw new NoSuchElementException(); return stops[at++]; }
    }
}
class Ferry { void run(Line l) { Iterator<String> i = l.iterator(); while (i.hasNext()) System.out.println(i.next()); } }
