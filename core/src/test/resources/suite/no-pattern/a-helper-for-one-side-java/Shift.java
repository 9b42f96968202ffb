package aldera;

public class Shift {
    private final Notes notes;

    public Shift(Notes notes) {
        this.notes = notes;
    }

    public String end() {
        notes.note("end of shift");
        return notes.count() + " notes";
    }

    public static void main(String[] args) {
        Crane crane = new Crane();
        crane.hoist(4);
        new Shift(crane).end();
    }
}
