package museum;

import java.util.List;

public final class Evening {
    public static void main(String[] args) {
        WebOutput web = new WebOutput();
        new LoanReport(web, List.of("Vase")).publish();
        new VisitorReport(new PlainOutput(System.out), 412).publish();
        System.out.println(web.page());
    }
}
