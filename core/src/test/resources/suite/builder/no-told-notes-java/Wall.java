class Wall implements Reader {
    private Span seen;
    void pin(Note note) { note.join(this); seen = note.span(); }
    void drop(Note note) { note.leave(this); }
    public void changed(Note note) { seen = note.span(); }
}
