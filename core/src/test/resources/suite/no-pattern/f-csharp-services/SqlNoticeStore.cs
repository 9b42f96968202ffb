using System.Data;

namespace Aldera.Notices;

public sealed class SqlNoticeStore : INoticeStore
{
    private readonly List<Notice> rows = new();
    private readonly SemaphoreSlim gate = new(1, 1);

    public async Task AddAsync(Notice notice, CancellationToken token = default)
    {
        await gate.WaitAsync(token);
        try
        {
            rows.Add(notice);
        }
        finally
        {
            gate.Release();
        }
    }

    public Task<IReadOnlyList<Notice>> LatestAsync(int count)
    {
        IReadOnlyList<Notice> latest = rows.OrderByDescending(n => n.At).Take(count).ToList();
        return Task.FromResult(latest);
    }
}
