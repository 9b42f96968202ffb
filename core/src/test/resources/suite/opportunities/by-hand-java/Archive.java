class Sheet {
    private String title; private int pages; private String colour;
    String title() { return title; } void title(String t) { title = t; }
    int pages() { return pages; } void pages(int n) { pages = n; }
    void colour(String c) { colour = c; }
}
class Archive {
    Sheet keep(Sheet s) { Sheet copy = new Sheet(); copy.title(s.title()); copy.pages(s.pages()); return copy; }
}
