<?php

declare(strict_types=1);

namespace Aldera\Report;

final class TextReport extends Report
{
    protected function head(): string
    {
        return "SHIPS\n";
    }

    protected function line(array $row): string
    {
        return "* {$row['name']}\n";
    }
}
