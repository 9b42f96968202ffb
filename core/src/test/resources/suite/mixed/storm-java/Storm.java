package aldera.storm;

import java.util.EnumMap;
import java.util.Map;

public final class Storm {
    public enum Level {
        CALM {
            @Override
            Level worse() {
                return FRESH;
            }
        },
        FRESH {
            @Override
            Level worse() {
                return GALE;
            }
        },
        GALE {
            @Override
            Level worse() {
                return this;
            }
        };

        abstract Level worse();
    }

    private final Map<Level, Runnable> answers = new EnumMap<>(Level.class);
    private Level level = Level.CALM;

    public void when(Level level, Runnable answer) {
        answers.put(level, answer);
    }

    public void grow() {
        level = level.worse();
        answers.getOrDefault(level, () -> {}).run();
    }

    public static void main(String[] args) {
        Storm storm = new Storm();
        storm.when(Level.GALE, () -> System.out.println("close the port"));
        storm.grow();
        storm.grow();
    }
}
