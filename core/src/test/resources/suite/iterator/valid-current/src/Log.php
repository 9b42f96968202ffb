<?php
namespace Aldera\Log;
interface LineWalk { public function current(): string; public function forward(): void; public function valid(): bool; }
class Log { private array $lines = []; public function add(string $line): void { $this->lines[] = $line; } public function walk(): LineWalk { return new LogWalk($this->lines); } }
class LogWalk implements LineWalk
{
    private int $at = 0;
    public function __construct(private array $lines) {}
    public function current(): string { return $this->lines[$this->at]; }
    public function forward(): void { $this->at++; }
    public function valid(): bool { return isset($this->lines[$this->at]); }
}
class Printer { public function all(Log $log): string { $out = ''; for ($w = $log->walk(); $w->valid(); $w->forward()) { $out .= $w->current(); } return $out; } }
