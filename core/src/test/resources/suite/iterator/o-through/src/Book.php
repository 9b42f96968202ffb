<?php
declare(strict_types=1);

namespace Library;

final class Book
{
    public function __construct(public readonly string $title, public readonly int $pages)
    {
    }
}
