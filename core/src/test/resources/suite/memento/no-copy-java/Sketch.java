class Sketch {
    private int lines; private String title;
    Sketch(int lines, String title) { this.lines = lines; this.title = title; }
    void draw() { lines++; }
    void name(String t) { title = t; }
    Sketch copy() { return new Sketch(lines, title); }
}
class Artist { Sketch again(Sketch s) { return s.copy(); } }
