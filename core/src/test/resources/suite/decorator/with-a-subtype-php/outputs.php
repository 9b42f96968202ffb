<?php
interface Output { public function write(string $line): void; public function close(): void; }
class FileOutput implements Output {
    public function write(string $line): void { file_put_contents('log', $line, FILE_APPEND); }
    public function close(): void { clearstatcache(); }
}
class ScreenOutput implements Output {
    public function write(string $line): void { echo $line; }
    public function close(): void { echo "\n"; }
}
class StampedOutput implements Output {
    protected Output $next;
    public function __construct(Output $next) { $this->next = $next; }
    public function write(string $line): void { $this->next->write($this->stamp() . $line); }
    public function close(): void { $this->next->close(); }
    protected function stamp(): string { return date('c') . ' '; }
}
class ShipStampedOutput extends StampedOutput {
    protected function stamp(): string { return 'ship ' . parent::stamp(); }
}
class Log {
    public function open(): Output { return new StampedOutput(new FileOutput()); }
    public function ship(): Output { return new ShipStampedOutput(new ScreenOutput()); }
}
