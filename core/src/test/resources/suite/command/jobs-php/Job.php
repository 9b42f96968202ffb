<?php
final class Mailer
{
    private int $sent = 0;

    public function deliver(string $to): void
    {
        $this->sent++;
    }
}

final class Disk
{
    private array $files = [];

    public function store(string $name): void
    {
        $this->files[] = $name;
    }
}

interface Job
{
    public function handle(): void;
}

final class SendMail implements Job
{
    public function __construct(private Mailer $mailer, private string $to)
    {
    }

    public function handle(): void
    {
        $this->mailer->deliver($this->to);
    }
}

final class WriteFile implements Job
{
    public function __construct(private Disk $disk, private string $name)
    {
    }

    public function handle(): void
    {
        $this->disk->store($this->name);
    }
}

final class Worker
{
    /** @var Job[] */
    private array $jobs = [];

    public function add(Job $job): void
    {
        $this->jobs[] = $job;
    }

    public function run(): void
    {
        while ($job = array_shift($this->jobs)) {
            $job->handle();
        }
    }
}

function plan(Worker $worker, Mailer $mailer, Disk $disk): void
{
    $worker->add(new SendMail($mailer, 'ada'));
    $worker->add(new WriteFile($disk, 'log'));
}
