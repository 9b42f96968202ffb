package berths;

public record Ship(String name, int metres, boolean gas) {
}
