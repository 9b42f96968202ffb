interface Horn { String sound(); }
class BrassHorn implements Horn { public String sound() { return "brass"; } }
abstract class HornWrap implements Horn {
    private final Horn horn;
    HornWrap(Horn horn) { this.horn = horn; }
    public String sound() { return horn.sound(); }
}
class LongHorn extends HornWrap {
    LongHorn(Horn h) { super(h); }
    public String sound() { return super.sound() + " long"; }
}
class CountedHorn extends HornWrap {
    private int count;
    CountedHorn(Horn h) { super(h); }
    public String sound() { count++; return super.sound(); }
}
class Ship { String warn() { return new LongHorn(new CountedHorn(new BrassHorn())).sound(); } }
