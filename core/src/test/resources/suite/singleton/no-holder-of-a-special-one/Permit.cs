namespace Aldera.Permits
{
    public sealed class Permit
    {
        private readonly string holder;

        private Permit(string holder)
        {
            this.holder = holder;
        }

        public static Permit For(string holder)
        {
            if (holder == null)
            {
                return Nobody.Permit;
            }
            return new Permit(holder);
        }

        public bool Names(string other) => holder == other;

        private static class Nobody
        {
            public static readonly Permit Permit;

            static Nobody()
            {
                Permit = new Permit("nobody");
            }
        }
    }

    public class Gate
    {
        public bool Opens(string name) => Permit.For(name).Names(name);
    }
}
