package adventure;

class Asleep extends Mood {
    private int hours = 0;

    Asleep(Hero hero) {
        super(hero);
    }

    @Override
    void walk(Direction direction) {
        System.out.println("zzz");
    }

    @Override
    void rest() {
        hours += 4;
        if (hours >= 8) {
            hero.feel(new Fresh(hero));
        }
    }

    @Override
    String describe() {
        return "asleep";
    }
}
