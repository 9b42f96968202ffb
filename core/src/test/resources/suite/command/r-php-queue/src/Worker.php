<?php
declare(strict_types=1);

namespace Shop\Jobs;

final class Worker
{
    /** @var Job[] */
    private array $waiting = [];

    public function push(Job $job): void
    {
        $this->waiting[] = $job;
    }

    public function run(): int
    {
        $done = 0;
        while (null !== $job = array_shift($this->waiting)) {
            $job->handle();
            $done++;
        }
        return $done;
    }
}
