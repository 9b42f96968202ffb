interface Layer {
    void paint(Dial dial, StringBuilder on);
    int height();
    String name();
}
