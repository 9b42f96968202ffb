interface Note {
    void join(Reader reader);
    void leave(Reader reader);
    Span span();
}
