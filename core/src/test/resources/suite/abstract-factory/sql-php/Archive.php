<?php

declare(strict_types=1);

namespace Archive;

final class Archive
{
    public function __construct(private Storage $storage)
    {
    }

    public function move(string $from, string $to): void
    {
        $text = $this->storage->reader()->read($from);
        if ($text !== null) {
            $this->storage->writer()->write($to, $text);
        }
    }
}
