package museum;

import java.util.List;

public class LoanReport extends Report {
    private final List<String> loans;

    public LoanReport(Output output, List<String> loans) {
        super(output);
        this.loans = loans;
    }

    @Override
    public void publish() {
        output.heading("Loans");
        for (String loan : loans) {
            output.line(loan);
        }
        output.close();
    }
}
