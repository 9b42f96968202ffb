package aldera.ferry;

/** Speaks only when the harbour is open. */
public class Radio implements FerryFollower {
    private final Speech speech;

    public Radio(Speech speech) {
        this.speech = speech;
    }

    @Override
    public void moved(String ferry, String where) {
        speech.say(ferry + " is " + where);
    }
}
