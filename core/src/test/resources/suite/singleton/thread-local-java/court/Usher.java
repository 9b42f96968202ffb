package court;

public class Usher {
    public void open() {
        Docket.current().call("Mill v. Weir");
    }
}
