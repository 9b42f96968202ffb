<?php

declare(strict_types=1);

namespace Aldera\Report;

abstract class Report
{
    public function render(array $rows): string
    {
        $out = $this->head();
        foreach ($rows as $row) {
            $out .= $this->line($row);
        }
        return $out . $this->foot(count($rows));
    }

    abstract protected function head(): string;

    abstract protected function line(array $row): string;

    protected function foot(int $count): string
    {
        return '';
    }
}
