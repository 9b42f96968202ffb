package berths;

public class Desk {
    public static void main(String[] args) {
        Rule rules = new GasRule(new LengthRule(30, "marina", new LengthRule(200, "quay", null)));
        System.out.println(rules.place(new Ship("Oria", 180, false)).orElse("roads"));
    }
}
