<?php
declare(strict_types=1);

namespace Papers;

interface Paper
{
    public function show(PaperReader $reader): void;
}
