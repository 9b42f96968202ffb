<?php
interface Watcher { public function level(int $cm): void; }
final class Gauge
{
    use Watched;
    private int $cm = 0;
    public function measure(int $cm): void { $this->cm = $cm; $this->tell(); }
}
final class Tower implements Watcher { public function level(int $cm): void { echo $cm; } }
