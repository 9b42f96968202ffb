import com.google.common.base.Preconditions;
interface Archive { String read(int page); int pages(); }
class Paper implements Archive { public String read(int page) { return "page " + page; } public int pages() { return 90; } }
class Stamped implements Archive {
    private final Archive real;
    private int read;
    Stamped(Archive real) { this.real = real; }
    public String read(int page) { Preconditions.checkState(page > 0, "no such page"); read++; return real.read(page) + " stamped"; }
    public int pages() { return real.pages(); }
}
class Reader { String open() { Archive archive = new Stamped(new Paper()); return archive.read(3); } }
