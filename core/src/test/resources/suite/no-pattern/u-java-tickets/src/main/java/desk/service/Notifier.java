package desk.service;

public interface Notifier {
    void send(String to, String text);
}

class MailNotifier implements Notifier {
    private final String host;

    MailNotifier(String host) {
        this.host = host;
    }

    @Override
    public void send(String to, String text) {
        System.out.println(host + " -> " + to + ": " + text);
    }
}

class QuietNotifier implements Notifier {
    @Override
    public void send(String to, String text) {
        // nobody is told
    }
}
