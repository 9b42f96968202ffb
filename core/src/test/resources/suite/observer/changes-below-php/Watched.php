<?php
trait Watched
{
    /** @var Watcher[] */
    private array $watchers = [];
    public function join(Watcher $watcher): void { $this->watchers[] = $watcher; }
    public function leave(Watcher $watcher): void
    {
        $this->watchers = array_filter($this->watchers, fn ($one) => $one !== $watcher);
    }
    protected function tell(): void
    {
        foreach ($this->watchers as $watcher) {
            $watcher->level($this->cm);
        }
    }
}
