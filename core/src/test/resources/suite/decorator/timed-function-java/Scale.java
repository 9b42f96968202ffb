package weigh;

public interface Scale {
    int weigh(String crate);

    String unit();
}
