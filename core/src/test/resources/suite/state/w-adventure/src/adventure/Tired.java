package adventure;

class Tired extends Mood {
    Tired(Hero hero) {
        super(hero);
    }

    @Override
    void walk(Direction direction) {
        System.out.println("too tired to go " + direction);
        hero.feel(new Asleep(hero));
    }

    @Override
    void rest() {
        hero.feel(new Fresh(hero));
    }

    @Override
    String describe() {
        return "tired";
    }
}
