package post;

public class Office {
    public int send(boolean quick) {
        Message message = quick ? Message.urgent("now") : Message.plain("later");
        return message.priority() + message.text().length();
    }
}
