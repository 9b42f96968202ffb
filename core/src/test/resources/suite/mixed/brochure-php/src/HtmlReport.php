<?php

declare(strict_types=1);

namespace Aldera\Report;

final class HtmlReport extends Report
{
    protected function head(): string
    {
        return '<ul>';
    }

    protected function line(array $row): string
    {
        return '<li>' . $row['name'] . '</li>';
    }

    protected function foot(int $count): string
    {
        return "</ul><p>$count</p>";
    }
}
