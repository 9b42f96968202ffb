<?php
namespace Aldera;

interface LockWatcher
{
    public function levelIs(float $metres): void;
}

final class Lock
{
    /** @var LockWatcher[] */
    private array $watchers = [];
    private float $level = 0.0;

    public function watch(LockWatcher $watcher): void
    {
        $this->watchers[spl_object_id($watcher)] = $watcher;
    }

    public function leave(LockWatcher $watcher): void
    {
        unset($this->watchers[spl_object_id($watcher)]);
    }

    public function fill(float $by): void
    {
        $this->level += $by;
        foreach ($this->watchers as $watcher) {
            if ($watcher instanceof GateLamp && $this->level < 1) {
                continue;
            }
            $watcher->levelIs($this->level);
        }
    }

    public function drain(): void
    {
        $this->level = 0.0;
    }
}

final class GateLamp implements LockWatcher
{
    private bool $lit = false;

    public function levelIs(float $metres): void
    {
        $this->lit = $metres > 3;
    }
}

final class Diary implements LockWatcher
{
    private array $lines = [];

    public function levelIs(float $metres): void
    {
        $this->lines[] = date('H:i') . " $metres";
    }
}
