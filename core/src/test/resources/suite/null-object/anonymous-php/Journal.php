<?php
declare(strict_types=1);

namespace Desk;

interface Journal
{
    public function note(string $line): void;

    public function lines(): array;
}

final class PaperJournal implements Journal
{
    private array $lines = [];

    public function note(string $line): void
    {
        $this->lines[] = $line;
    }

    public function lines(): array
    {
        return $this->lines;
    }
}

final class Office
{
    private Journal $journal;

    public function __construct(?Journal $journal = null)
    {
        $this->journal = $journal ?? new class implements Journal {
            public function note(string $line): void
            {
            }

            public function lines(): array
            {
                return [];
            }
        };
    }

    public function close(string $day): int
    {
        $this->journal->note("closed on $day");
        return count($this->journal->lines());
    }
}
