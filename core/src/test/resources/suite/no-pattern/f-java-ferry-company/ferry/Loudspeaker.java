package aldera.ferry;

public class Loudspeaker implements Speech {
    private int volume = 5;

    public void louder() {
        volume++;
    }

    @Override
    public void say(String text) {
        System.out.println(volume > 7 ? text.toUpperCase() : text);
    }
}
