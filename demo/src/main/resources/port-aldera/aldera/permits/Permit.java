package aldera.permits;

/** What was granted. Each of its answers depends on its kind. */
public class Permit {
    private final PermitKind kind;
    private final String holder;
    private int hours;

    public Permit(PermitKind kind, String holder) {
        this.kind = kind;
        this.holder = holder;
    }

    public void extend(int by) {
        hours += by;
    }

    public long fee() {
        switch (kind) {
            case TOWING :
                return 12000 + 900L * hours;
            case DIVING :
                return 8000;
            default :
                return 2500L * hours;
        }
    }

    public boolean mayStart(int hourOfDay) {
        return switch (kind) {
            case TOWING -> true;
            case DIVING -> hourOfDay > 6 && hourOfDay < 18;
            case HOT_WORK -> hourOfDay > 8 && hours < 6;
        };
    }

    public String notice() {
        if (kind == PermitKind.TOWING) {
            return holder + " tows, keep clear";
        } else if (kind == PermitKind.DIVING) {
            return holder + " has divers down";
        }
        return holder + " welds";
    }
}
