package bank;

public class SteelVault implements Vault {
    private int cents;

    @Override
    public int take(int wanted) {
        int given = Math.min(wanted, cents);
        cents -= given;
        return given;
    }

    @Override
    public void put(int more) {
        cents += more;
    }
}
