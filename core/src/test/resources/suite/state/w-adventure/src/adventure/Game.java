package adventure;

public class Game {
    private final Hero hero;

    public Game() {
        Room hall = new Room("hall");
        Room cellar = new Room("cellar");
        hall.connect(Direction.SOUTH, cellar);
        hero = new Hero(hall);
    }

    public String play(String script) {
        for (char letter : script.toCharArray()) {
            switch (letter) {
                case 'n' -> hero.walk(Direction.NORTH);
                case 's' -> hero.walk(Direction.SOUTH);
                case 'r' -> hero.rest();
                default -> throw new IllegalArgumentException("what is " + letter + "?");
            }
        }
        return hero.where();
    }

    public static void main(String[] args) {
        System.out.println(new Game().play("ssnnr"));
    }
}
