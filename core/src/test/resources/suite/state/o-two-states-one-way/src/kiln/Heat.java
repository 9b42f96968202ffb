package kiln;

interface Heat {
    void light(Kiln kiln);

    void stoke(Kiln kiln);
}
