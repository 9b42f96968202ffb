abstract class Notice {
    final String title; final int berth;
    Notice(Filler<?> filler) { title = filler.title; berth = filler.berth; }
    abstract static class Filler<B extends Filler<B>> {
        String title; int berth;
        B title(String title) { this.title = title; return self(); }
        B berth(int berth) { this.berth = berth; return self(); }
        abstract B self();
        abstract Notice done();
    }
}
class StormNotice extends Notice {
    final int force;
    StormNotice(StormFiller filler) { super(filler); force = filler.force; }
    static class StormFiller extends Notice.Filler<StormFiller> {
        int force;
        StormFiller force(int force) { this.force = force; return this; }
        @Override StormFiller self() { return this; }
        @Override StormNotice done() { return new StormNotice(this); }
    }
}
class Office { Notice write() { return new StormNotice.StormFiller().title("storm").berth(3).force(9).done(); } }
