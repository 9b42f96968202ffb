package lease;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Objects;

public final class Lease {
    private final String tenant;
    private final LocalDate from;
    private final LocalDate until;
    private final int rent;
    private final List<Clause> clauses;

    private Lease(Draft draft) {
        this.tenant = Objects.requireNonNull(draft.tenant, "tenant");
        this.from = draft.from;
        this.until = draft.until;
        this.rent = draft.rent;
        this.clauses = List.copyOf(draft.clauses);
        if (until != null && until.isBefore(from)) {
            throw new IllegalStateException("ends before it begins");
        }
    }

    public static Draft draft(String tenant) {
        return new Draft(tenant);
    }

    public Draft renewed() {
        Draft next = new Draft(tenant).from(until).rent(rent);
        clauses.forEach(next::clause);
        return next;
    }

    public int due(LocalDate on) {
        int sum = rent;
        for (Clause clause : clauses) {
            sum = clause.adjust(sum, on);
        }
        return sum;
    }

    public List<Clause> clauses() {
        return Collections.unmodifiableList(clauses);
    }

    public static final class Draft {
        private final String tenant;
        private LocalDate from = LocalDate.now();
        private LocalDate until;
        private int rent;
        private final List<Clause> clauses = new ArrayList<>();

        private Draft(String tenant) {
            this.tenant = tenant;
        }

        public Draft from(LocalDate day) {
            from = day;
            return this;
        }

        public Draft until(LocalDate day) {
            until = day;
            return this;
        }

        public Draft rent(int cents) {
            rent = cents;
            return this;
        }

        public Draft clause(Clause clause) {
            clauses.add(clause);
            return this;
        }

        public Lease sign() {
            return new Lease(this);
        }
    }
}
