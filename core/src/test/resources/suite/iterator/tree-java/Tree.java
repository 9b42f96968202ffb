package aldera;
import java.util.*;
class Berths<T> implements Iterable<T> {
  private Node<T> root;
  private static final class Node<T> { final T value; Node<T> left, right; Node(T value) { this.value = value; } }
  void add(T value, Comparator<T> order) { root = insert(root, value, order); }
  private Node<T> insert(Node<T> node, T value, Comparator<T> order) {
    if (node == null) return new Node<>(value);
    if (order.compare(value, node.value) < 0) node.left = insert(node.left, value, order); else node.right = insert(node.right, value, order);
    return node;
  }
  @Override public Iterator<T> iterator() { return new Walk<>(root); }
  private static final class Walk<T> implements Iterator<T> {
    private final Deque<Node<T>> open = new ArrayDeque<>();
    Walk(Node<T> root) { descend(root); }
    private void descend(Node<T> node) { for (; node != null; node = node.left) open.push(node); }
    @Override public boolean hasNext() { return !open.isEmpty(); }
    @Override public T next() { if (open.isEmpty()) throw new NoSuchElementException(); Node<T> node = open.pop(); descend(node.right); return node.value; }
  }
}
class Printer { String all(Berths<String> berths) { StringBuilder out = new StringBuilder(); for (String b : berths) out.append(b); return out.toString(); } }
