import java.util.ArrayList;
import java.util.List;

class Player {
    private Mood mood;
    private boolean playing = false;
    private final List<String> songs = new ArrayList<>();
    private int current = 0;

    Player() {
        this.mood = new Ready(this);
        setPlaying(true);
        for (int i = 1; i <= 12; i++) {
            songs.add("Song " + i);
        }
    }

    void change(Mood mood) {
        this.mood = mood;
    }

    Mood mood() {
        return mood;
    }

    void setPlaying(boolean playing) {
        this.playing = playing;
    }

    boolean isPlaying() {
        return playing;
    }

    String start() {
        return "Playing " + songs.get(current);
    }

    String next() {
        current++;
        return "Playing " + songs.get(current);
    }
}

abstract class Mood {
    final Player player;

    Mood(Player player) {
        this.player = player;
    }

    abstract String onLock();

    abstract String onPlay();
}

class Locked extends Mood {
    Locked(Player player) {
        super(player);
        player.setPlaying(false);
    }

    @Override
    String onLock() {
        if (player.isPlaying()) {
            player.change(new Ready(player));
            return "Stop playing";
        }
        return "Locked...";
    }

    @Override
    String onPlay() {
        player.change(new Ready(player));
        return "Ready";
    }
}

class Ready extends Mood {
    Ready(Player player) {
        super(player);
    }

    @Override
    String onLock() {
        player.change(new Locked(player));
        return "Locked...";
    }

    @Override
    String onPlay() {
        String action = player.start();
        player.change(new Playing(player));
        return action;
    }
}

class Playing extends Mood {
    Playing(Player player) {
        super(player);
    }

    @Override
    String onLock() {
        player.change(new Locked(player));
        player.setPlaying(false);
        return "Stop playing";
    }

    @Override
    String onPlay() {
        player.change(new Ready(player));
        return "Paused...";
    }
}

class Screen {
    private final Player player;

    Screen(Player player) {
        this.player = player;
    }

    void pressPlay() {
        System.out.println(player.mood().onPlay());
    }

    void pressLock() {
        System.out.println(player.mood().onLock());
    }
}
