import java.util.ArrayList;
import java.util.List;

interface Board {
    void put(String line);
    String first();
}

interface SortedBoard extends Board {
    String least();
}

class PlainBoard implements SortedBoard {
    private final List<String> lines = new ArrayList<>();
    public void put(String line) { lines.add(line); }
    public String first() { return lines.get(0); }
    public String least() { return lines.stream().sorted().findFirst().orElse(""); }
}

class LockedBoard implements Board {
    private final Board board;
    final Object lock = new Object();
    LockedBoard(Board board) { this.board = board; }
    public void put(String line) { synchronized (lock) { board.put(line); } }
    public String first() { synchronized (lock) { return board.first(); } }
}

class LockedSortedBoard extends LockedBoard implements SortedBoard {
    private final SortedBoard sorted;
    LockedSortedBoard(SortedBoard board) {
        super(board);
        sorted = board;
    }
    public String least() { synchronized (lock) { return sorted.least(); } }
}

class Hall {
    public static void main(String[] args) {
        Board board = new LockedBoard(new PlainBoard());
        board.put("Mira");
        SortedBoard sorted = new LockedSortedBoard(new PlainBoard());
        sorted.put("Alba");
        System.out.println(sorted.least() + board.first());
    }
}
