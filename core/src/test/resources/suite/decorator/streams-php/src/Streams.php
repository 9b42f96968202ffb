<?php
namespace Aldera\Io;
interface Stream { public function write(string $bytes): int; public function close(): void; }
final class FileStream implements Stream { /** @var resource */ private $handle; public function __construct(string $path) { $this->handle = fopen($path, 'a'); } public function write(string $bytes): int { return fwrite($this->handle, $bytes); } public function close(): void { fclose($this->handle); } }
abstract class StreamDecorator implements Stream
{
    public function __construct(protected Stream $stream) {}
    public function write(string $bytes): int { return $this->stream->write($bytes); }
    public function close(): void { $this->stream->close(); }
}
final class Zipped extends StreamDecorator { public function write(string $bytes): int { return parent::write(gzencode($bytes)); } }
final class Counted extends StreamDecorator { private int $total = 0; public function write(string $bytes): int { $n = parent::write($bytes); $this->total += $n; return $n; } public function total(): int { return $this->total; } }
final class Backup { public function run(string $path): int { $s = new Counted(new Zipped(new FileStream($path))); $s->write('x'); $s->close(); return $s->total(); } }
