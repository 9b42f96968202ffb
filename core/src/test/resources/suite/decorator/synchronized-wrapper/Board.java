import java.util.ArrayDeque;
import java.util.Deque;
interface Board { void put(String line); String next(); }
class PlainBoard implements Board {
    private final Deque<String> lines = new ArrayDeque<>();
    public void put(String line) { lines.add(line); }
    public String next() { return lines.poll(); }
}
class BoardOfFile implements Board {
    private final StringBuilder all = new StringBuilder();
    public void put(String line) { all.append(line); }
    public String next() { return all.toString(); }
}
class SharedBoard implements Board {
    private final Board board;
    SharedBoard(Board board) { this.board = board; }
    public synchronized void put(String line) { board.put(line); }
    public synchronized String next() { return board.next(); }
}
class Hall {
    public static void main(String[] args) {
        Board board = new SharedBoard(args.length > 0 ? new PlainBoard() : new BoardOfFile());
        board.put("Mira");
        System.out.println(board.next());
    }
}
