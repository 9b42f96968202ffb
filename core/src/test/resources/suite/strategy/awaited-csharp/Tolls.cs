using System.Collections.Generic;
using System.Threading.Tasks;

namespace Tolls
{
    public interface IToll
    {
        Task<decimal> OfAsync(int tons);
    }

    public class ByTon : IToll
    {
        public Task<decimal> OfAsync(int tons) => Task.FromResult(tons * 3m);
    }

    public class Flat : IToll
    {
        public async Task<decimal> OfAsync(int tons)
        {
            await Task.Delay(1);
            return 120m;
        }
    }

    public class Till
    {
        private IToll _toll;

        public Till(IToll toll) => _toll = toll;

        public void Use(IToll toll) => _toll = toll;

        public async Task<string> BillAsync(int tons)
        {
            var sum = await _toll.OfAsync(tons).ConfigureAwait(false);
            return sum.ToString("0.00");
        }
    }
}
