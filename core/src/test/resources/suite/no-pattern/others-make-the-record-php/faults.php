<?php
namespace Aldera;

final class Origin
{
    public function __construct(private string $text, private string $file) {}
    public function text(): string { return $this->text; }
    public function file(): string { return $this->file; }
}

class Fault extends \Exception
{
    private ?string $file2 = null;
    private string $text = '';

    public function origin(): ?Origin
    {
        return $this->file2 === null ? null : new Origin($this->text, $this->file2);
    }

    public function locate(Origin $origin): void
    {
        $this->text = $origin->text();
        $this->file2 = $origin->file();
    }
}

final class Loader
{
    public function load(string $file): Origin
    {
        return new Origin(file_get_contents($file), $file);
    }
}

final class Reader
{
    private Origin $origin;

    public function __construct(Origin $origin)
    {
        $this->origin = $origin;
    }

    public function read(): int
    {
        return strlen($this->origin->text());
    }
}
