using System.Threading.Tasks;

namespace Aldera.Tides
{
    public interface ITides
    {
        ITideWalk GetAsyncEnumerator();
    }

    public interface ITideWalk
    {
        int Current { get; }
        ValueTask<bool> MoveNextAsync();
    }

    public class HighTides : ITides
    {
        private readonly ITides tides;
        private readonly int least;

        public HighTides(ITides tides, int least)
        {
            this.tides = tides;
            this.least = least;
        }

        public ITideWalk GetAsyncEnumerator() => new Walk(tides.GetAsyncEnumerator(), least);

        private class Walk : ITideWalk
        {
            private readonly ITideWalk walk;
            private readonly int least;
            private bool ended;

            public Walk(ITideWalk walk, int least)
            {
                this.walk = walk;
                this.least = least;
            }

            public int Current => walk.Current;

            public ValueTask<bool> MoveNextAsync()
            {
                if (ended)
                {
                    return new ValueTask<bool>(false);
                }
                return walk.MoveNextAsync();
            }

            public void End() => ended = walk.Current < least;
        }
    }

    public class FirstTides : ITides
    {
        private readonly ITides tides;

        public FirstTides(ITides tides)
        {
            this.tides = tides;
        }

        public ITideWalk GetAsyncEnumerator() => new Walk(tides.GetAsyncEnumerator());

        private class Walk : ITideWalk
        {
            private readonly ITideWalk walk;
            private int left = 3;

            public Walk(ITideWalk walk)
            {
                this.walk = walk;
            }

            public int Current => walk.Current;

            public ValueTask<bool> MoveNextAsync()
            {
                if (left-- <= 0)
                {
                    return new ValueTask<bool>(false);
                }
                return walk.MoveNextAsync();
            }
        }
    }

    public class Table
    {
        public async Task<int> Sum(ITides tides)
        {
            int sum = 0;
            var walk = tides.GetAsyncEnumerator();
            while (await walk.MoveNextAsync())
            {
                sum += walk.Current;
            }
            return sum;
        }
    }
}
