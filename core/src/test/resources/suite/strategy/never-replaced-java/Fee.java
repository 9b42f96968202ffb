package aldera;

interface Fee {
    int of(int metres, int tons);
}
