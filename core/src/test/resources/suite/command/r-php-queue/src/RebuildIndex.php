<?php
declare(strict_types=1);

namespace Shop\Jobs;

use Shop\SearchIndex;

final class RebuildIndex implements Job
{
    public function __construct(private readonly SearchIndex $index)
    {
    }

    public function handle(): void
    {
        $this->index->clear();
        $this->index->fill();
    }
}
