class Table {
    Table under(String name) {
        return this;
    }
}

class Mark {
    private final Table table;

    Mark(Table table) {
        this.table = table;
    }

    Mark next() {
        return new Mark(table.under("next"));
    }
}

class Pilot {
    Mark on(Mark mark) {
        return mark.next();
    }
}
