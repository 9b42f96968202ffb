namespace Aldera.Passages
{
    public interface ISource
    {
        int Progress();
    }

    public class Passage
    {
        private readonly ISource source;
        private readonly int leg;

        public Passage(ISource source, int leg)
        {
            this.source = source;
            this.leg = leg;
        }

        public int Left() => leg - source.Progress();
    }

    public class Passage<TCargo>
    {
        private readonly ISource source;
        private readonly int leg;
        private readonly TCargo cargo;

        public Passage(ISource source, int leg, TCargo cargo)
        {
            this.source = source;
            this.leg = leg;
            this.cargo = cargo;
        }

        public TCargo Cargo => cargo;

        public Passage WithoutCargo() => new Passage(source, leg);
    }
}
