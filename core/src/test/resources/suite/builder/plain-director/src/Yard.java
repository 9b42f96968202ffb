package aldera;

public class Yard {
    public static void main(String[] args) {
        Foreman foreman = new Foreman(new RaftBuilder());
        System.out.println(foreman.small().ready() && foreman.large().ready());
    }
}
