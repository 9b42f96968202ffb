package aldera;

import java.util.ArrayList;
import java.util.List;

public class Ledger implements Cloneable {
    private static Ledger ledger;
    private static int entries;
    private static String lastShip;
    private final List<String> lines = new ArrayList<>();

    private Ledger() {
    }

    public static Ledger open() {
        if (ledger == null) {
            ledger = new Ledger();
        }
        return ledger;
    }

    public static int count() {
        return entries;
    }

    public static void reset() {
        entries = 0;
        lastShip = null;
    }

    public void enter(String ship) {
        lines.add(ship);
        entries++;
        lastShip = ship;
    }

    @Override
    public Ledger clone() {
        try {
            return (Ledger) super.clone();
        } catch (CloneNotSupportedException e) {
            throw new IllegalStateException(e);
        }
    }
}
