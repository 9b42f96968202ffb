package berths;

public interface Notifier {
    void send(String to, String text);
}

class MailNotifier implements Notifier {
    @Override
    public void send(String to, String text) {
        System.out.println("mail to " + to + ": " + text);
    }
}
