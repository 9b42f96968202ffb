<?php
declare(strict_types=1);

namespace Shop\Jobs;

interface Job
{
    public function handle(): void;
}
