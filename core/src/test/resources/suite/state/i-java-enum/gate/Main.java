package gate;

final class Main {
    public static void main(String[] args) {
        Gate gate = new Gate();
        gate.coin();
        gate.push();
    }
}
