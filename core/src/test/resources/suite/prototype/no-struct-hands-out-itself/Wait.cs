namespace Aldera.Waiting
{
    public readonly struct Wait
    {
        private readonly int minutes;

        public Wait(int minutes)
        {
            this.minutes = minutes;
        }

        public Wait GetAwaiter() => this;

        public bool IsOver(int passed) => passed >= minutes;
    }

    public class Lock
    {
        public bool Opens(Wait wait, int passed) => wait.GetAwaiter().IsOver(passed);
    }
}
