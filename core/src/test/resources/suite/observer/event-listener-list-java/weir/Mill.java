package weir;

public class Mill {
    public Weir start(Ledger ledger) {
        Weir weir = new Weir();
        weir.addLevelListener(ledger);
        new Gatekeeper(weir);
        return weir;
    }
}
