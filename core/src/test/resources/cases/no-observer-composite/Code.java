import java.util.*;
interface Part { void paint(int x); }
class Group implements Part { private final List<Part> parts = new ArrayList<>(); int n;
  void add(Part p) { parts.add(p); } public void paint(int x) { n++; for (Part p : parts) p.paint(x); } }
class Dot implements Part { int y; public void paint(int x) { y = x; } }
