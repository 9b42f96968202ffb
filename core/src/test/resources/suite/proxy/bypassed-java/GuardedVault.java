package bank;

public class GuardedVault implements Vault {
    private final SteelVault vault;
    private final String code;
    private String typed = "";

    public GuardedVault(SteelVault vault, String code) {
        this.vault = vault;
        this.code = code;
    }

    public void type(String digits) {
        typed = digits;
    }

    @Override
    public int take(int cents) {
        if (!typed.equals(code)) {
            return 0;
        }
        return vault.take(cents);
    }

    @Override
    public void put(int cents) {
        vault.put(cents);
    }
}
