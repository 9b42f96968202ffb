package aldera;

public class Crane implements Notes {
    private final NoteList notes = new NoteList();
    private int height;
    private int load;

    @Override
    public void note(String text) {
        notes.note(text);
    }

    @Override
    public int count() {
        return notes.count();
    }

    public void hoist(int metres) {
        height += metres;
    }

    public void lower(int metres) {
        height -= metres;
    }

    public void load(int tons) {
        load += tons;
    }

    public int lifted() {
        return height * load;
    }
}
