using Aldera.Notices;
using Microsoft.Extensions.DependencyInjection;

var services = new ServiceCollection();
services.AddSingleton<IClock, SystemClock>();
services.AddScoped<INoticeStore, SqlNoticeStore>();
services.AddTransient<INoticeFormatter, PlainFormatter>();
services.AddScoped<NoticeService>();
await using var provider = services.BuildServiceProvider();
var service = provider.GetRequiredService<NoticeService>();
await service.PublishAsync("Fog", "Keep clear of the north mole.");
