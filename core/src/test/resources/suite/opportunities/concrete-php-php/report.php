<?php
namespace Aldera;

interface Archive
{
    public function find(string $id): ?string;
}

final class PaperArchive implements Archive
{
    public function __construct(private array $files = []) {}
    public function find(string $id): ?string { return $this->files[$id] ?? null; }
    public function dust(): void { $this->files = []; }
}

final class WebArchive implements Archive
{
    public function find(string $id): ?string { return file_get_contents("https://archive/$id") ?: null; }
}

final class Historian
{
    public function __construct(private PaperArchive $archive) {}

    public function tell(string $id): string
    {
        return $this->archive->find($id) ?? 'lost';
    }
}
