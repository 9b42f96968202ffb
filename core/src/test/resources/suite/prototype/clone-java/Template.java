import java.util.*;
class Template implements Cloneable {
    private String head; private List<String> lines = new ArrayList<>();
    void line(String l) { lines.add(l); }
    @Override public Template clone() {
        try { return (Template) super.clone(); } catch (CloneNotSupportedException e) { throw new AssertionError(e); }
    }
}
class Printer { Template next(Template t) { Template n = t.clone(); n.line("x"); return n; } }
