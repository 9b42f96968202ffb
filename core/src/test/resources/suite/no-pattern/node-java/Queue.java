package yard;

public class Queue {
    private static class Node {
        final String wagon;
        Node next;

        Node(String wagon) {
            this.wagon = wagon;
        }

        int length() {
            return next == null ? 1 : 1 + next.length();
        }
    }

    private Node head;

    public void push(String wagon) {
        Node node = new Node(wagon);
        node.next = head;
        head = node;
    }

    public int length() {
        return head == null ? 0 : head.length();
    }
}
