package lock;

interface Level {
    void fill(Chamber chamber);

    void empty(Chamber chamber);
}
