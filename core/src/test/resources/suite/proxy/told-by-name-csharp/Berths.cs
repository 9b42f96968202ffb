using System.Threading.Tasks;
namespace Aldera;
public interface IBerths { Task<int> Free(string basin); Task<bool> Take(string basin, int places); }
public sealed class BerthTable : IBerths {
    private readonly System.Collections.Generic.Dictionary<string, int> free = new();
    public Task<int> Free(string basin) => Task.FromResult(free[basin]);
    public Task<bool> Take(string basin, int places) { free[basin] -= places; return Task.FromResult(true); }
}
public interface IChannel { Task<T> Invoke<T>(string method, params object[] told); }
public sealed class BerthClient(IChannel channel) : IBerths {
    public Task<int> Free(string basin) => channel.Invoke<int>(nameof(Free), basin);
    public Task<bool> Take(string basin, int places) => channel.Invoke<bool>(nameof(Take), basin, places);
}
public sealed class Planner(IBerths berths) { public async Task Plan() { if (await berths.Free("north") > 0) await berths.Take("north", 1); } }
