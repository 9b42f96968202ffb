import java.util.*;
abstract class Shape { abstract Shape copy(); }
class Net extends Shape {
    private final int mesh; private List<String> holes; private int patched;
    Net(int mesh, List<String> holes) { this.mesh = mesh; this.holes = holes; }
    void patch(String hole) { holes.remove(hole); patched++; }
    Shape copy() { return new Net(mesh, holes); }
}
class Trap extends Shape {
    private int depth;
    Trap(int depth) { this.depth = depth; }
    void sink(int by) { depth += by; }
    Shape copy() { if (depth == 0) return this; return new Trap(depth); }
}
class Rack { Shape take(Shape s) { return s.copy(); } }
