package adventure;

abstract class Mood {
    final Hero hero;

    Mood(Hero hero) {
        this.hero = hero;
    }

    abstract void walk(Direction direction);

    abstract void rest();

    abstract String describe();
}
