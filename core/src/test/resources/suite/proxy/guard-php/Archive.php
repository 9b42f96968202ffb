<?php

interface Archive
{
    public function read(string $key): string;

    public function write(string $key, string $text): void;
}

class DiskArchive implements Archive
{
    private array $files = [];

    public function read(string $key): string
    {
        return $this->files[$key] ?? '';
    }

    public function write(string $key, string $text): void
    {
        $this->files[$key] = $text;
    }
}

class GuardedArchive implements Archive
{
    private DiskArchive $archive;

    public function __construct(DiskArchive $archive, private string $role)
    {
        $this->archive = $archive;
    }

    public function read(string $key): string
    {
        return $this->archive->read($key);
    }

    public function write(string $key, string $text): void
    {
        if ($this->role !== 'master') {
            throw new RuntimeException('only the harbour master writes');
        }
        $this->archive->write($key, $text);
    }
}
