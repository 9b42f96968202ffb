package bank;

public class Teller {
    private final Vault vault;

    public Teller(Vault vault) {
        this.vault = vault;
    }

    public int pay(int cents) {
        return vault.take(cents);
    }

    public int emergency() {
        SteelVault spare = new SteelVault();
        spare.put(100);
        return spare.take(50);
    }
}
