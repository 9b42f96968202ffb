package lease;

import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.Map;

public class Office {
    private final Map<String, Lease> leases = new LinkedHashMap<>();

    public void open(String tenant, int rent) {
        leases.put(tenant, Lease.draft(tenant).rent(rent).clause(Clause.winter(900).then(Clause.none())).sign());
    }

    public void renew(String tenant) {
        leases.computeIfPresent(tenant, (name, lease) -> lease.renewed().until(LocalDate.now().plusYears(1)).sign());
    }

    public int income(LocalDate on) {
        return leases.values().stream().mapToInt(lease -> lease.due(on)).sum();
    }
}
