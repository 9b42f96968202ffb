package notices;

public class Board {
    public static void main(String[] args) {
        Notice storm = new StormNotice.StormWriter().title("Storm").line("Stay in.").force(9).finish();
        Notice closure = new ClosureNotice.ClosureWriter().title("Closed").quay("north").finish();
        System.out.println(storm.title() + closure.title());
    }
}
