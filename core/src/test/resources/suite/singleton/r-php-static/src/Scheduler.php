<?php
namespace Core;

final class Scheduler
{
    private array $jobs = [];

    public function at(int $when, callable $job): void
    {
        $this->jobs[$when][] = $job;
    }

    public function run(): void
    {
        foreach ($this->jobs as $when => $jobs) {
            if ($when <= Clock::instance()->now()) {
                foreach ($jobs as $job) {
                    $job();
                }
            }
        }
    }
}
