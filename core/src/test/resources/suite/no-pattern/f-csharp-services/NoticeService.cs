using Microsoft.Extensions.Logging;

namespace Aldera.Notices;

public sealed class NoticeService
{
    private readonly INoticeStore store;
    private readonly INoticeFormatter formatter;
    private readonly IClock clock;
    private readonly ILogger<NoticeService> logger;

    public NoticeService(INoticeStore store, INoticeFormatter formatter, IClock clock, ILogger<NoticeService> logger)
    {
        this.store = store;
        this.formatter = formatter;
        this.clock = clock;
        this.logger = logger;
    }

    public async Task<string> PublishAsync(string title, string body)
    {
        if (string.IsNullOrWhiteSpace(title)) throw new ArgumentException("a notice needs a title", nameof(title));
        var notice = new Notice(Guid.NewGuid(), title.Trim(), body, clock.Now);
        await store.AddAsync(notice);
        logger.LogInformation("published {Title}", notice.Title);
        return formatter.Format(notice.Shortened(200));
    }
}
