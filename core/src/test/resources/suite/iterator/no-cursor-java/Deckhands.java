class Deckhands {
    private final String[] names = {"Ada", "Bo"};
    private int at;
    boolean more() { return at < names.length; }
    String next() { return names[at++]; }
}
class Mate { void call(Deckhands d) { while (d.more()) System.out.println(d.next()); } }
