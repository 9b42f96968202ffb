<?php

declare(strict_types=1);

namespace Aldera\Jobs;

final class Job
{
    public int $attempts = 0;

    public function __construct(public readonly string $name, public readonly array $data)
    {
    }
}

final class Queue
{
    /** @var Job[] */
    private array $jobs = [];

    public function push(Job $job): void
    {
        $this->jobs[] = $job;
    }

    public function pop(): ?Job
    {
        return array_shift($this->jobs);
    }

    public function size(): int
    {
        return count($this->jobs);
    }
}

interface Clock
{
    public function now(): int;
}

final class SystemClock implements Clock
{
    public function now(): int
    {
        return time();
    }
}

final class Worker
{
    /** @param array<string, callable(array): void> $handlers */
    public function __construct(private Queue $queue, private array $handlers, private Clock $clock, private int $retries = 3)
    {
    }

    public function work(): int
    {
        $done = 0;
        while (($job = $this->queue->pop()) !== null) {
            $handler = $this->handlers[$job->name] ?? null;
            if ($handler === null) {
                throw new \OutOfBoundsException("no handler for {$job->name}");
            }
            try {
                $handler($job->data);
                $done++;
            } catch (\RuntimeException $e) {
                $job->attempts++;
                if ($job->attempts < $this->retries) {
                    $this->queue->push($job);
                }
            }
        }

        return $done;
    }
}
