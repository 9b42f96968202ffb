package ship;

public class Main {
    public static void main(String[] args) {
        Ferry ferry = new Ferry.Builder().length(40).colour("white").seats(80).build();
        System.out.println(ferry.length() + ferry.seats());
    }
}
