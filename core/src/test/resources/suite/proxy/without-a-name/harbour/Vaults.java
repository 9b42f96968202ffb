package harbour;

interface Vault {
    int take(String who, int sum);
}

class SteelVault implements Vault {
    private int money = 1000;

    @Override
    public int take(String who, int sum) {
        money -= sum;
        return sum;
    }
}

final class Vaults {
    private Vaults() {
    }

    static Vault guarded(Vault vault, String owner) {
        return new Vault() {
            @Override
            public int take(String who, int sum) {
                if (!owner.equals(who)) {
                    throw new SecurityException(who);
                }
                return vault.take(who, sum);
            }
        };
    }
}

class Cashier {
    private final Vault vault;

    Cashier(Vault vault) {
        this.vault = vault;
    }

    int pay(int sum) {
        return vault.take("Ines", sum);
    }

    static int day() {
        return new Cashier(Vaults.guarded(new SteelVault(), "Ines")).pay(20);
    }
}
