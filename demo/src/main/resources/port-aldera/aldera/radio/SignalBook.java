package aldera.radio;

/** Only static help: there is never one of these. */
public final class SignalBook {
    private SignalBook() {
    }

    public static String flag(char letter) {
        return letter == 'A' ? "diver down" : "see page " + (int) letter;
    }
}
