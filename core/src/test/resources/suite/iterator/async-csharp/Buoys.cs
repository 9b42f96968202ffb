using System.Collections.Generic;
using System.Threading.Tasks;

namespace Buoys;

public sealed record Buoy(int Number, bool Lit);

public sealed class BuoyLine : IAsyncEnumerable<Buoy>
{
    private readonly List<Buoy> buoys = new();

    public void Lay(Buoy buoy) => buoys.Add(buoy);

    public async IAsyncEnumerator<Buoy> GetAsyncEnumerator(System.Threading.CancellationToken stop = default)
    {
        foreach (var buoy in buoys)
        {
            await Task.Yield();
            yield return buoy;
        }
    }
}

public static class Check
{
    public static async Task<int> Dark(BuoyLine line)
    {
        var dark = 0;
        await foreach (var buoy in line)
        {
            if (!buoy.Lit)
            {
                dark++;
            }
        }
        return dark;
    }
}
