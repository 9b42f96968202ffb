package meter;

public class Main {
    public static void main(String[] args) {
        Totals totals = Totals.get();
        Totals.add("a", 2);
        Totals.add("b", 4);
        System.out.println(totals + " " + Totals.mean());
    }
}
