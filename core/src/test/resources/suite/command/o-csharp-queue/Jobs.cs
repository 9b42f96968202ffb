using System;
using System.Collections.Concurrent;
using System.Threading;
using System.Threading.Tasks;

namespace Aldera.Jobs;

public interface IJob
{
    Task RunAsync(CancellationToken token);
}

public sealed class MailJob(IMailer mailer, string to) : IJob
{
    public Task RunAsync(CancellationToken token) => mailer.SendAsync(to, "Your ship is in", token);
}

public sealed class PruneJob(Archive archive, TimeSpan age) : IJob
{
    public async Task RunAsync(CancellationToken token)
    {
        await Task.Yield();
        archive.Prune(DateTime.UtcNow - age);
    }
}

public interface IMailer { Task SendAsync(string to, string text, CancellationToken token); }

public sealed class Archive
{
    private DateTime oldest;
    public void Prune(DateTime before) => oldest = before;
}

public sealed class JobQueue
{
    private readonly ConcurrentQueue<IJob> jobs = new();
    private int failed;

    public void Enqueue(IJob job) => jobs.Enqueue(job);

    public async Task DrainAsync(CancellationToken token)
    {
        while (jobs.TryDequeue(out var job))
        {
            try
            {
                await job.RunAsync(token);
            }
            catch (Exception)
            {
                failed++;
                if (job is MailJob) Enqueue(job);
            }
        }
    }
}
