package post;

public abstract class Message {
    private final String text;

    private Message(String text) {
        this.text = text;
    }

    public static Message plain(String text) {
        return new Plain(text);
    }

    public static Message urgent(String text) {
        return new Urgent(text);
    }

    public String text() {
        return text;
    }

    public abstract int priority();

    private static final class Plain extends Message {
        private Plain(String text) {
            super(text);
        }

        @Override
        public int priority() {
            return 1;
        }
    }

    private static final class Urgent extends Message {
        private Urgent(String text) {
            super(text);
        }

        @Override
        public int priority() {
            return 9;
        }
    }
}
