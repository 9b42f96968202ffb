<?php
declare(strict_types=1);

final class CanalLock implements SplSubject
{
    private SplObjectStorage $watchers;
    private int $level = 0;

    public function __construct()
    {
        $this->watchers = new SplObjectStorage();
    }

    public function attach(SplObserver $observer): void
    {
        $this->watchers->attach($observer);
    }

    public function detach(SplObserver $observer): void
    {
        $this->watchers->detach($observer);
    }

    public function notify(): void
    {
        foreach ($this->watchers as $watcher) {
            $watcher->update($this);
        }
    }

    public function fill(int $to): void
    {
        $this->level = $to;
        $this->notify();
    }

    public function drain(): void
    {
        $this->level = 0;
    }

    public function level(): int
    {
        return $this->level;
    }
}

final class LevelLog implements SplObserver
{
    private array $levels = [];

    public function update(SplSubject $subject): void
    {
        $this->levels[] = $subject->level();
    }
}

final class Siren implements SplObserver
{
    public function update(SplSubject $subject): void
    {
    }
}
