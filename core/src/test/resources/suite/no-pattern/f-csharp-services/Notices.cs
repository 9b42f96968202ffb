namespace Aldera.Notices;

public interface IClock { DateTimeOffset Now { get; } }
public sealed class SystemClock : IClock { public DateTimeOffset Now => DateTimeOffset.UtcNow; }

public interface INoticeStore
{
    Task AddAsync(Notice notice, CancellationToken token = default);
    Task<IReadOnlyList<Notice>> LatestAsync(int count);
}

public sealed record Notice(Guid Id, string Title, string Body, DateTimeOffset At)
{
    public Notice Shortened(int length) => this with { Body = Body.Length > length ? Body[..length] : Body };
}

public interface INoticeFormatter { string Format(Notice notice); }

public sealed class PlainFormatter : INoticeFormatter
{
    public string Format(Notice notice) => $"{notice.At:u} {notice.Title}\n{notice.Body}";
}
