import com.google.common.base.Preconditions;
interface Archive { String read(int page); int pages(); }
class Paper implements Archive { public String read(int page) { return "page " + page; } public int pages() { return 90; } }
class Desk implements Archive {
    private final Archive real;
    private boolean clerk;
    Desk(Archive real) { this.real = real; }
    void open() { clerk = true; }
    public String read(int page) { Preconditions.checkState(clerk, "closed"); return real.read(page); }
    public int pages() { Preconditions.checkState(clerk); return real.pages(); }
}
class Reader { String open() { Archive archive = new Desk(new Paper()); return archive.read(3); } }
