package aldera;

class Pump {
    private boolean on;

    void start() {
        on = true;
    }

    void halt() {
        on = false;
    }
}
