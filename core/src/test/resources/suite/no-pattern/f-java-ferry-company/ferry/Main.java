package aldera.ferry;

public final class Main {
    private Main() {
    }

    public static void main(String[] args) {
        Ferry ferry = new Ferry("Ariel");
        ferry.follow(new Board());
        ferry.follow(new Radio(new Loudspeaker()));
        ferry.board(40);
        ferry.go();
        ferry.go();
    }
}
