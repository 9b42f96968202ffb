package till;

public class Till {
    private Rounding rounding = Rounding.NONE;
    private int sum;

    public void roundBy(Rounding rounding) {
        this.rounding = rounding;
    }

    public void add(int cents) {
        sum += cents;
    }

    public int due() {
        return rounding.apply(sum);
    }

    public static void main(String[] args) {
        Till till = new Till();
        till.add(112);
        till.roundBy(Rounding.FIVE);
        System.out.println(till.due());
    }
}
