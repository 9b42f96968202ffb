package berth;

public class Board {
    public String row(int from, int to) {
        return Number.of(from).shown() + Number.of(to).shown();
    }
}
