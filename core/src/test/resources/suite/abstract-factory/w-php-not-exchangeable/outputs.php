<?php
interface Output { public function write($line); }
class FileOutput implements Output {
    public function write($line) { file_put_contents('log', $line, FILE_APPEND); }
}
class StampedOutput implements Output {
    protected $next;
    public function __construct($next) { $this->next = $next; }
    public function write($line) { $this->next->write($this->stamp() . $line); }
    protected function stamp() { return date('c') . ' '; }
}
class ShipStampedOutput extends StampedOutput {
    protected function stamp() { return 'ship ' . parent::stamp(); }
}
class Log {
    public function open() { return new StampedOutput(new FileOutput()); }
    public function ship() { return new ShipStampedOutput(new FileOutput()); }
}
$log = new Log();
$log->open()->write('in');
$log->ship()->write('out');
