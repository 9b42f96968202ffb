import java.util.*;
class Font { private final String name; private int size; Font(String name, int size) { this.name = name; this.size = size; } void grow() { size++; } int size() { return size; } }
class Fonts {
    private static final Map<String, Font> ALL = new HashMap<>();
    static Font font(String name, int size) { return ALL.computeIfAbsent(name, n -> new Font(n, size)); }
}
class Sign { int paint() { Font f = Fonts.font("serif", 3); f.grow(); return f.size() + new Font("own", 1).size(); } }
