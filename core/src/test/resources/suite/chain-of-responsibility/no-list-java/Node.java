class Node { private final int value; private Node next; Node(int v) { value = v; } void link(Node n) { next = n; } Node next() { return next; } int value() { return value; } }
class Chain { private Node first; void add(int v) { Node n = new Node(v); n.link(first); first = n; } int sum() { int s = 0; for (Node n = first; n != null; n = n.next()) s += n.value(); return s; } }
