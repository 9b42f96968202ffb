abstract class Filter {
    protected Filter next;
    void link(Filter f) { next = f; }
    abstract String check(String mail);
}
class Spam extends Filter { String check(String m) { if (m.contains("win")) return "spam"; return next.check(m); } }
class Size extends Filter { String check(String m) { return m.length() > 9 ? "big" : "small"; } }
class Post { String read(Filter f) { return f.check("hello"); } }
